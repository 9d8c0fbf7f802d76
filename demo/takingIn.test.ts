import { variantOf } from '../core/src/match/asking/variants'
import { describe, expect, it } from 'vitest'
import { factsOn } from '../core/src/match/factSheet'
import { judgeFor } from '../core/src/match/judge'
import { tapeList, waitedFor } from '../core/src/match/asking/tapeList'
import { toTake } from '../core/src/match/asking/takingIn'
import { best } from '../core/src/readings/reading'
import { DEFAULT_HOUSE_RULES as RULES } from '../core/src/rules/houseRules'
import { equipmentOf, withNoted } from '../core/src/trailer/equipment'
import { thingAt, withReading } from '../core/src/trailer/things'
import type { Trailer } from '../core/src/trailer/trailer'
import { routeOf } from '../core/src/walk/route'
import { stationsOf } from '../core/src/walk/stations'
import { households as demoHouseholds, trailers as demoTrailers } from './testing/files'

const truth = demoTrailers().find(({ stock }) => stock === 'T-118')!
const families = demoHouseholds().filter(({ name }) => /Okoro|Vossberg|Hartigan/.test(name))

/** Drawn from its like, and nothing on it read or looked for yet. */
function unread({ plan, ...rest }: Trailer): Trailer {
  const bare = <T extends object>(things: T[]): T[] => things.map((thing) => ({ ...thing, readings: undefined }))
  const { fixtures, berths, slides, outside, compartments } = plan
  return {
    ...rest,
    readings: {},
    features: {},
    equipment: [],
    absent: undefined,
    plan: {
      ...plan,
      fixtures: bare(fixtures),
      berths: bare(berths),
      slides: bare(slides),
      outside: bare(outside),
      compartments: bare(compartments),
    },
  }
}

const verdicts = (trailer: Trailer) =>
  families.map((household) =>
    Object.entries(judgeFor(household, RULES)(factsOn(trailer, RULES))).map(([id, answer]) => [id, answer!.verdict]),
  )

/** The most that a unit may take. */
const TAPS = 80
/** More rounds than anybody walks. */
const ROUNDS = 4

describe('taking a unit in along the walk', () => {
  it('from nothing read to every answer that its readings allow, station by station, in under 80 taps', () => {
    let now = unread(truth)
    let [taps, stops] = [0, 0]
    let known: { of: Trailer; list: ReturnType<typeof tapeList> } | undefined
    const waits = () => {
      if (known?.of !== now) {
        const facts = factsOn(now, RULES)
        const each = families.map((household) => ({
          name: household.name,
          waits: waitedFor(variantOf(now, RULES), household, judgeFor(household, RULES)(facts), RULES),
        }))
        known = { of: now, list: tapeList(now, each) }
      }
      return known.list
    }
    /** A tap, or Enter after what was typed; undefined: this unit has nobody who could say. */
    const take = (key: string, unnoted: string | undefined): Trailer | undefined => {
      if (unnoted) {
        const there = equipmentOf(truth, unnoted as 'battery')
        if (!there) return undefined
        const noted = withNoted(now, unnoted as 'battery', there.length > 0, { source: 'measured' })
        // As it is called in the demo, so that its readings are found.
        const own = (id: string, i: number) => there[i]?.id ?? id
        return {
          ...noted,
          equipment: noted.equipment.map((one) => (one.kind === unnoted ? { ...one, id: own(one.id, 0) } : one)),
        }
      }
      const found = thingAt(truth, key)
      const reading = found && best(found.thing.readings?.[found.reading])
      return reading && withReading(now, key, reading)
    }
    for (let round = 0; round < ROUNDS; round++) {
      const { stations } = routeOf(stationsOf(now), now.plan, { first: 'outside', inside: 'front to rear' })
      const before = taps
      for (const { id } of stations) {
        let list = waits()
        const here = () =>
          toTake(
            stationsOf(now).find((one) => one.id === id)!,
            list,
          ).waited
        // One goes only where something is waited for: the stations show how much.
        if (!here().some(({ key, unnoted }) => take(key, unnoted))) continue
        stops += 1
        for (let open = here(); open.length > 0; list = waits(), open = here()) {
          const taken = open.flatMap(({ key, unnoted }) => {
            const next = take(key, unnoted)
            if (next) now = next
            return next ? [key] : []
          })
          if (taken.length === 0) break
          taps += taken.length
        }
      }
      if (taps === before) break
    }
    expect(verdicts(now)).toEqual(verdicts(truth))
    expect(taps).toBeGreaterThan(30)
    expect(taps + stops).toBeLessThan(TAPS)
  }, 300_000)
})
