import { feet, says, type Phrase } from '../../quantity/phrase'
import type { Helping, Limit } from '../helping'
import { limitsRaised } from '../limits'
import type { Reason } from '../reason'

type Length = 'trailerLength' | 'rigLength'

const isOfRig = ({ rests = [] }: Reason): boolean => rests.includes('household.vehicle.length')

const limitOn = (key: Length, decides: Limit['decides'], words: (longest: number) => Phrase): Limit => ({
  kind: key,
  decides,
  now: ({ limits }) => limits[key],
  raised({ limits }, amount, size) {
    const longest = (limits[key] ?? 0) + amount
    return {
      id: `${key}:${longest}`,
      size,
      says: words(longest),
      change: (now) => ({
        ...now,
        household: { ...now.household, limits: { ...now.household.limits, [key]: longest } },
      }),
    }
  },
})

export const PARK_LIMITS: readonly Limit[] = [
  limitOn(
    'trailerLength',
    (reason) => !isOfRig(reason),
    (longest) => says`${feet(longest)} of trailer is allowed`,
  ),
  limitOn('rigLength', isOfRig, (longest) => says`${feet(longest)} of rig is allowed`),
]

export const parkHelping: Helping<unknown, unknown> = {
  turn: 1,
  least: () => 0,
  smallest: ({ answer, household, sizes }) =>
    limitsRaised(PARK_LIMITS, answer, household, (kind) => sizes[kind as Length]),
}
