import { describe, expect, it } from 'vitest'
import type { Household, Person } from '../core/src/household/household'
import { STANCE_IDS } from '../core/src/household/wishes/stances'
import { factsKey, factsOn, type FactSheet } from '../core/src/match/factSheet'
import { judgeFor } from '../core/src/match/judge'
import { rankWithChanges } from '../core/src/match/match'
import { DEFAULT_HOUSE_RULES, RULES, rulesWith, type HouseRules } from '../core/src/rules/houseRules'
import type { Trailer } from '../core/src/trailer/trailer'
import { households as demoHouseholds, models } from './testing/files'

const each =
  (change: (person: Person, at: number) => Partial<Person>) =>
  (who: Household): Household => ({
    ...who,
    people: who.people.map((person, i) => ({ ...person, ...change(person, i) })),
  })
const trip =
  (change: Partial<Household['trip']>) =>
  (who: Household): Household => ({ ...who, trip: { ...who.trip, ...change } })
const rated =
  (share: number, ratings: Record<string, number> = {}) =>
  (who: Household): Household => ({
    ...who,
    vehicle: {
      ...who.vehicle,
      readings: Object.fromEntries([
        ...Object.entries(who.vehicle.readings).map(([key, [first]]) => [
          key,
          [{ ...first!, value: Math.round((first!.value as number) * share) }],
        ]),
        ...Object.entries(ratings).map(([key, value]) => [key, [{ value, source: 'label' as const }]]),
      ]),
    },
  })

/** The families of the demo as they are, and as they would have to be for every rule to count. */
const WAYS: readonly ((who: Household) => Household)[] = [
  (who) => who,
  trip({ nights: 100 }),
  trip({ hookups: 'none', nights: 5, shade: 'half', movesEvery: 2, plugsIn: 'coffee maker' }),
  trip({ hookups: 'none', nights: 9, shade: 'deep', panelWatts: 400 }),
  trip({ season: 'winter', hookups: 'full' }),
  trip({ hookups: 'none', nights: 4, generatorHours: 1, supplyEvery: 4 }),
  each((_, i) => (i === 0 ? { needs: ['cpap', 'cpap humidifier', 'night trips', 'work place'] } : {})),
  each((_, i) => (i === 0 ? { needs: ['wheelchair', 'work place'] } : {})),
  each((_, i) => (i === 1 ? { age: 2, height: 34, weight: 28, needs: ['crib'] } : {})),
  each((_, i) => (i > 0 ? { age: 12 + i, height: 60 + i, weight: 100, climbs: true } : {})),
  each((_, i) => (i > 0 ? { age: 7 + i, height: 48 + i, weight: 60 } : {})),
  ...[0.7, 0.8, 0.9].map((share) => rated(share)),
  rated(1, { gawrRear: 3_900, curbWeight: 5_400, gvwr: 7_100, wheelbase: 145, hitchTongueAlone: 400 }),
  rated(1.5, { hitchTrailer: 5_500 }),
  rated(1, { gawrRear: 4_500, curbWeight: 5_400, gvwr: 6_500 }),
  (who) => ({ ...who, stances: Object.fromEntries(STANCE_IDS.map((id) => [id, 'want'])) }),
  (who) => ({
    ...who,
    gear: [
      { id: 'boat', name: 'Boat', count: 1, weight: 45, size: { length: 97, width: 28, height: 14 }, rides: 'rack' },
      { id: 'bikes', name: 'Bikes', count: 2, weight: 40, size: { length: 70, width: 8, height: 42 }, rides: 'rack' },
    ],
  }),
]

const trailers = models()
const ACROSS = { front: 'rear', rear: 'front', door: 'off-door', 'off-door': 'door' } as const

/** What none of the demo has: a tongue rack, no furnace, a desk, bath doors that open in, one exit window. */
const otherwise = (trailer: Trailer): Trailer => {
  const { plan } = trailer
  const [exit] = plan.windows.filter(({ kind }) => kind === 'exit')
  return {
    ...trailer,
    absent: [...(trailer.absent ?? []), { kind: 'furnace', source: 'measured', by: 'Lou', on: '2026-05-01' }],
    equipment: [
      ...trailer.equipment.filter(({ kind }) => kind !== 'furnace'),
      {
        id: 'tongue-rack',
        kind: 'rack',
        readings: {
          place: [{ value: 'tongue', source: 'measured' }],
          carries: [{ value: 300, source: 'label' }],
        },
      },
    ],
    plan: {
      ...plan,
      windows: plan.windows.map((one) => (one.kind === 'exit' && one !== exit ? { ...one, kind: 'fixed' } : one)),
      doors: plan.doors.map((door) => ({ ...door, ...(door.opens && { opens: ACROSS[door.opens] }) })),
      fixtures: plan.fixtures.map((one) =>
        one.kind === 'nightstand' || one.kind === 'cabinet'
          ? { ...one, kind: 'desk', readings: { outlet: [{ value: true, source: 'measured' }] } }
          : one,
      ),
    },
  }
}

/** The units of the demo as they are, with what decides unread, and with what none of them has. */
const UNITS: readonly (readonly Trailer[])[] = [
  trailers,
  trailers.map((trailer) => ({
    ...trailer,
    equipment: trailer.equipment?.filter(({ kind }) => kind !== 'furnace'),
    plan: {
      ...trailer.plan,
      berths: trailer.plan.berths.map((berth) => ({ ...berth, readings: {} })),
    },
  })),
  trailers.map(otherwise),
]

/** Facts of a unit, made when they are first asked for. */
const factsOf = (of: readonly Trailer[], rules: HouseRules) => {
  const made = of.map((): FactSheet | undefined => undefined)
  return (i: number): FactSheet => (made[i] ??= factsOn(of[i]!, rules))
}
const USUAL = UNITS.map((of) => factsOf(of, DEFAULT_HOUSE_RULES))

/** What is told of each unit, when it is asked for; of all of them at once where a rule is about the order or about changes. */
function told(
  who: Household,
  facts: (i: number) => FactSheet,
  rules: HouseRules,
  wholly: boolean,
): (i: number) => string {
  const known = trailers.map((): string | undefined => undefined)
  if (wholly) {
    const all = trailers.map(({ stock }, i) => ({ id: stock, facts: facts(i) }))
    return () => (known[0] ??= JSON.stringify(rankWithChanges(all, who, rules)))
  }
  const judge = judgeFor(who, rules)
  return (i) => (known[i] ??= JSON.stringify(judge(facts(i))))
}

/** A few families of each way, others for each, and each way before any of them twice. */
function* asked(): Iterable<{ name: string; at: number; who: Household }> {
  const families = demoHouseholds()
  for (let round = 0; round < 3; round++)
    for (const [way, as] of WAYS.entries()) {
      const who = families[(way + 4 * round) % families.length]!
      yield { name: `${way} ${who.name}`, at: 0, who: as(who) }
    }
  for (const at of [1, 2])
    for (const [way, as] of WAYS.entries()) {
      const who = families[(way * 5 + at) % families.length]!
      yield { name: `${at} ${way} ${who.name}`, at, who: as(who) }
    }
}

const usual = new Map<string, (i: number) => string>()

/** Whether anything is told otherwise of any family on any unit. */
function moves(key: string, value: number): boolean {
  const rules = rulesWith(new Map([[key, value]]))
  const wholly = /^(nearly|ranking)\./.test(key)
  const sheets = factsKey(rules) === factsKey(DEFAULT_HOUSE_RULES) ? USUAL : UNITS.map((of) => factsOf(of, rules))
  for (const { name, at, who } of asked()) {
    const as = `${name} ${wholly}`
    const before = usual.get(as) ?? told(who, USUAL[at]!, DEFAULT_HOUSE_RULES, wholly)
    usual.set(as, before)
    const now = told(who, sheets[at]!, rules, wholly)
    if (trailers.some((_, i) => now(i) !== before(i))) return true
  }
  return false
}

describe('moved to another value of its range', () => {
  it.each([...RULES])('%s moves an answer or a sentence', (key, { least, most, value }) =>
    expect([most, least].some((other) => other !== value && moves(key, other))).toBe(true),
  )
})
