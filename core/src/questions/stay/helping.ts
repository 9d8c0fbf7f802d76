import type { Household } from '../../household/household'
import { says } from '../../quantity/phrase'
import { quantity } from '../../quantity/quantity'
import type { CounterfactualRules } from '../counterfactualRules'
import { sizeOf, type Change } from '../change'
import type { Helping } from '../helping'

/** A generator runs for so much longer a day, hours. */
const GENERATOR_HOURS = 2

export const stayHelping: Helping<unknown, unknown> = {
  turn: 3,
  least: ({ sizes }) => Math.min(sizes.supply, sizes.generator),
  smallest: ({ household, sizes }, left, answered) =>
    suppliedOften(household, sizes).find((set) => sizeOf(set) <= left && answered(set)?.verdict !== 'no'),
}

/** A place to dump and fill on the way, as seldom as helps; a generator; both. The smaller first. */
function suppliedOften(household: Household, sizes: CounterfactualRules): Change[][] {
  const { nights, supplyEvery = nights } = household.trip
  const supplies = [4, 3, 2].filter((every) => every < supplyEvery).map((every) => suppliedEvery(every, sizes.supply))
  const generator = moreGenerator(household, GENERATOR_HOURS, sizes.generator)
  return [...supplies.map((one) => [one]), [generator], ...supplies.map((one) => [one, generator])]
}

/** They come by a place to dump, fill and buy propane more often. */
const suppliedEvery = (nights: number, size: number): Change => ({
  id: `supply:${nights}`,
  size,
  says: says`they dump and fill every ${quantity(nights, 'night')}`,
  change: (now) => ({
    ...now,
    household: { ...now.household, trip: { ...now.household.trip, supplyEvery: nights } },
  }),
})

const moreGenerator = ({ trip }: Household, hours: number, size: number): Change => ({
  id: `generator:${hours}`,
  size,
  says: says`a generator runs ${quantity((trip.generatorHours ?? 0) + hours, 'h')} a day`,
  change: (now) => ({
    ...now,
    household: {
      ...now.household,
      trip: { ...now.household.trip, generatorHours: (now.household.trip.generatorHours ?? 0) + hours },
    },
  }),
})
