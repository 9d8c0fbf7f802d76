import { defaultsOf } from '../../core/src/rule/rule'
import { once } from 'node:events'
import { Worker } from 'node:worker_threads'
import { campOf } from '../../core/src/camping/camp'
import { dayOf } from '../../core/src/camping/day'
import { habitsOf } from '../../core/src/camping/habits'
import { whatHelps } from '../../core/src/camping/helps'
import { rigOf } from '../../core/src/camping/rig'
import { CAMPING_RULES } from '../../core/src/camping/rules'
import { stayOut } from '../../core/src/camping/stayOut'
import { factSheet, type FactSheet } from '../../core/src/match/factSheet'
import { judgeFor } from '../../core/src/match/judge'
import { questionOf, type QuestionId } from '../../core/src/questions/index'
import { rigRules } from '../../core/src/questions/tow/rules'
import { towHelps } from '../../core/src/questions/tow/helps'
import { DEFAULT_HOUSE_RULES as RULES } from '../../core/src/rules/houseRules'
import { sharedFor } from '../../core/src/solver/solvers'
import { COUPLE, FAMILY, LONG } from '../../core/src/testing/lot'
import { household, person, vehicle } from '../../core/src/testing/someone'
import type { Gear } from '../../core/src/household/household'
import { spread, timed } from './median'

const UNITS = 500
const NIGHTS = 14
const RUNS = 21
const NEW: readonly QuestionId[] = ['tow', 'stay', 'season', 'power']

const bulky = (id: string, weight: number): Gear => ({
  id,
  name: id,
  count: 2,
  weight,
  size: { length: 24, width: 18, height: 16 },
  rides: 'trailer',
})

/**
 * A stay of two weeks, the four questions of pulling it and living in it over a yard for a family of six, against reading
 * the stored facts, and the search for what helps; on one thread, and shared by two.
 */
export async function benchCamping() {
  const people = Array.from({ length: 6 }, () => person())
  const family = household(people, {
    trip: { nights: NIGHTS, hookups: 'none', season: 'spring to fall', washing: 'short showers' },
    gear: [bulky('totes', 30), bulky('chairs', 12), bulky('stove', 25)],
    // Not enough of anything: so that there is something to look for.
    vehicle: vehicle({ towRating: 3500, payload: 900, gcwr: 9000, curbWeight: 5400, hitchTongue: 400 }),
  })
  const sheets = [FAMILY, COUPLE, LONG].map((one) => factSheet(one, RULES))
  const yard = Array.from({ length: UNITS }, (_, i) => sheets[i % sheets.length]!)
  const stored = yard.map((facts) => JSON.stringify(facts))
  const camp = campOf(family, defaultsOf(CAMPING_RULES))
  const rig = rigOf(sheets[0]!.camping, 'least', defaultsOf(CAMPING_RULES))
  const questions = NEW.map(questionOf)
  const [fortnight, asked, read, helps]: [number[], number[], number[], number[]] = [[], [], [], []]
  for (let i = 0; i < RUNS; i++) {
    fortnight.push((await timed(() => stayOut(rig, camp, dayOf(rig, camp, habitsOf(camp)), NIGHTS))).took)
    read.push((await timed(() => stored.map((text) => JSON.parse(text) as FactSheet))).took)
    asked.push((await timed(() => yard.map(judgeFor(family, RULES, questions)))).took)
    const at = sharedFor(family, RULES)(sheets[i % sheets.length]!)
    const facts = sheets[i % sheets.length]!.tow
    helps.push(
      (
        await timed(() => [
          whatHelps(at.camping),
          towHelps({ ...facts, uvw: facts.uvw! }, family, at.stowing, rigRules(RULES)),
        ])
      ).took,
    )
  }
  const shared = await byTwo({ family, questions: NEW, stored })
  const [ours, reading] = [spread(asked), spread(read)]
  return {
    fortnightMs: spread(fortnight),
    units: UNITS,
    questions: NEW,
    askedMs: ours,
    askedByTwoThreadsMs: shared,
    readingStoredFactsMs: reading,
    timesReading: Math.round((100 * ours.median) / reading.median) / 100,
    helpsMsAUnit: spread(helps),
  }
}

/** Half of the yard on each of two threads, from the word to go to the last answer. */
async function byTwo({ stored, ...asked }: { stored: string[] } & Record<string, unknown>) {
  const half = Math.ceil(stored.length / 2)
  const workers = [stored.slice(0, half), stored.slice(half)].map(
    (part) =>
      // With room for young objects, as the worker is that ships.
      new Worker(process.env.HITCHET_HALF!, {
        workerData: { ...asked, stored: part },
        resourceLimits: { maxYoungGenerationSizeMb: 192 },
      }),
  )
  const took: number[] = []
  for (let i = 0; i < RUNS; i++)
    took.push(
      (
        await timed(() =>
          Promise.all(
            workers.map(async (worker) => {
              worker.postMessage('go')
              await once(worker, 'message')
            }),
          ),
        )
      ).took,
    )
  await Promise.all(workers.map((worker) => worker.terminate()))
  // The first rounds are those in which the threads start.
  return spread(took.slice(5))
}
