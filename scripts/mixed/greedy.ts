import { chance } from '../../core/src/testing/assignments'
import { ACTIONS, type ActionName, type Person } from './actions'
import { peopleWork, type Worked } from './working'

/** What one person has under way all the time, and so much of it. */
const GREED: Partial<Record<ActionName, number>> = { paper: 32, tape: 100, desk: 100, household: 100 }

/** What the others do meanwhile. */
const SHARES = { desk: 3, match: 3, unit: 3, interview: 2, compare: 2, paper: 2, handOut: 2, note: 2 }

/** How long four others wait beside one who is greedy, against how long they wait alone; in one run. */
export async function besideGreed(address: string, people: readonly Person[], seconds: number): Promise<object> {
  const [greedy, ...others] = people.slice(0, 5) as [Person, ...Person[]]
  const work = () => peopleWork({ address, people: others, looking: 1, seconds, shares: SHARES })
  const told: Record<string, object> = {}
  await work()
  const before = await work()
  for (const [name, many] of Object.entries(GREED) as [ActionName, number][]) {
    if (name === 'paper') await prepare(address, greedy, many * 4)
    const over = new AbortController()
    const flood = Array.from({ length: many }, (_, i) => without(over.signal, address, greedy, name, i))
    const beside = await work()
    over.abort()
    const done = (await Promise.all(flood)).flat()
    told[name] = {
      underWay: many,
      answered: done.filter((status) => status === 200).length,
      refused: done.filter((status) => status === 429).length,
      othersMs: beside.all,
      failed: beside.failed,
      timesAlone: ratios(before, beside),
    }
  }
  return { aloneMs: before.all, aloneByMs: before.by, greed: told }
}

/** Does one thing again and again without a pause until it is over; how each was answered. */
async function without(over: AbortSignal, address: string, person: Person, name: ActionName, lane: number) {
  const random = chance(lane + 7)
  const statuses: number[] = []
  while (!over.aborted) {
    const { status } = await ACTIONS[name]({ address, person, random }).catch(() => ({ status: 0 }))
    statuses.push(status)
    // Who is refused is told to wait.
    if (status !== 200) await new Promise((resolve) => setTimeout(resolve, 500))
  }
  return statuses
}

/** Pages that nobody made into a document yet. */
async function prepare(address: string, person: Person, many: number): Promise<void> {
  for (let i = 0; i < many; i++) await ACTIONS.handOut({ address, person, random: () => i / many })
}

/** Of each thing the median beside the greedy one over the median alone, and of all. */
const ratios = (before: Worked, beside: Worked): Record<string, number> =>
  Object.fromEntries(
    [['all', before.all.median, beside.all.median] as const]
      .concat(
        (Object.keys(SHARES) as ActionName[]).flatMap((name) => {
          const [one, other] = [before.by[name], beside.by[name]]
          return one && other ? [[name, one.median, other.median] as never] : []
        }),
      )
      .map(([name, one, other]) => [name, Math.round((10 * other) / Math.max(1, one)) / 10]),
  )
