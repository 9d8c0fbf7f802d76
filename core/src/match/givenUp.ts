import { wishLabel, type FeatureWish } from '../household/featureWishes'
import type { Household } from '../household/household'
import { STANCE_IDS, STANCES, type StanceId } from '../household/stances'
import { says } from '../quantity/phrase'
import type { QuestionId } from '../questions/index'
import type { Change } from './change'

/** Something they insist on, made a wish that only weighs; and the questions that it may decide. */
export interface GivenUp {
  change: Change
  questions: readonly QuestionId[]
}

/** What is argued about is asked by these: the bath by its own, the kitchen by its own. */
const ARGUED: readonly QuestionId[] = ['sleep', 'bath', 'galley', 'reach', 'wishes']

/** Each thing that a household must have, given up by itself. */
export const mustsGivenUp = (household: Household, size: number): GivenUp[] => [
  ...STANCE_IDS.filter((one) => household.stances[one] === 'must').map((one) => ({
    change: stanceGivenUp(one, size),
    questions: ARGUED,
  })),
  ...distinct((household.wishes ?? []).filter(({ stance }) => stance === 'must')).map((one) => ({
    change: wishGivenUp(one, size),
    questions: ['wishes'] as const,
  })),
]

function distinct(wishes: readonly FeatureWish[]): FeatureWish[] {
  return [...new Map(wishes.map((one) => [nameOf(one), one])).values()]
}

const nameOf = ({ feature, is = '' }: FeatureWish): string => `${feature}=${is}`

const stanceGivenUp = (id: StanceId, size: number): Change => ({
  id: `wish:${id}`,
  size,
  says: id === 'noSlide' ? says`they take a slide` : says`they do without ${lowered(STANCES[id].label)}`,
  change: (now) => ({
    ...now,
    household: { ...now.household, stances: { ...now.household.stances, [id]: 'want' } },
  }),
})

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

const lowered = (label: string): string => label.replace(/^[A-Z](?=[a-z ])/, (letter) => letter.toLowerCase())
