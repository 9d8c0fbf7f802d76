import { wishLabel, type FeatureWish } from '../../household/wishes/featureWishes'
import type { Household } from '../../household/household'
import { says } from '../../quantity/phrase'
import type { Change } from '../change'
import { lowered } from '../lowered'

/** Each feature that a household must have, given up by itself. */
export const featuresGivenUp = ({ wishes = [] }: Household, size: number): Change[] =>
  distinct(wishes.filter(({ stance }) => stance === 'must')).map((one) => wishGivenUp(one, size))

function distinct(wishes: readonly FeatureWish[]): FeatureWish[] {
  return [...new Map(wishes.map((one) => [nameOf(one), one])).values()]
}

const nameOf = ({ feature, is = '' }: FeatureWish): string => `${feature}=${is}`

const wishGivenUp = (given: FeatureWish, size: number): Change => ({
  id: `wish:${nameOf(given)}`,
  size,
  says: says`they do without ${thing(wishLabel(given))}`,
  change: (now) => ({
    ...now,
    household: {
      ...now.household,
      wishes: now.household.wishes?.map((one) => (nameOf(one) === nameOf(given) ? { ...one, stance: 'want' } : one)),
    },
  }),
})

/** `A dry bath` is `a dry bath`; `Tongue jack, drive, power` is `the tongue jack (drive, power)`. */
function thing(label: string): string {
  if (/^An? /.test(label)) return lowered(label)
  const [first, ...rest] = label.split(', ')
  return `the ${lowered(first!)}${rest.length ? ` (${rest.join(', ')})` : ''}`
}
