import { chance } from '../../core/src/testing/assignments'
import { ACTIONS, type ActionName, type Person } from './actions'

/** How long one kind of work took, milliseconds. */
export interface Waited {
  times: number
  median: number
  p95: number
  worst: number
}

export interface Worked {
  all: Waited
  by: Partial<Record<ActionName, Waited>>
  /** What was not answered as it should be: `match 503`, so often. */
  failed: Record<string, number>
}

/**
 * So many people at work for some seconds: each does something, looks at it, and does the next. They look by chance: the times
 * between are exponential about `looking` seconds, so that some come together and most do not. How often each thing is done goes by
 * `shares`.
 */
export async function peopleWork({
  address,
  people,
  looking,
  seconds,
  shares,
}: {
  address: string
  people: readonly Person[]
  looking: number
  seconds: number
  shares: Partial<Record<ActionName, number>>
}): Promise<Worked> {
  const end = performance.now() + seconds * 1000
  const took = new Map<ActionName, number[]>()
  const failed: Record<string, number> = {}
  const work = async (person: Person): Promise<void> => {
    const random = chance(person.number + 1)
    for (;;) {
      await new Promise((resolve) => setTimeout(resolve, -Math.log(1 - random()) * looking * 1000))
      if (performance.now() > end) return
      const name = chosen(shares, random())
      const from = performance.now()
      const how = await ACTIONS[name]({ address, person, random }).then(
        ({ status, body }) => (status !== 200 ? String(status) : isBroken(body) ? 'broken' : undefined),
        (failure: Error) => String((failure.cause as { code?: string } | undefined)?.code ?? failure.message),
      )
      if (how) failed[`${name} ${how}`] = (failed[`${name} ${how}`] ?? 0) + 1
      took.set(name, [...(took.get(name) ?? []), performance.now() - from])
    }
  }
  await Promise.all(people.map(work))
  return {
    all: waited([...took.values()].flat()),
    by: Object.fromEntries([...took].sort().map(([name, times]) => [name, waited(times)])),
    failed,
  }
}

/** A page whose answer was under way when it failed says so where it would have stood; what only a browser draws is no failure. */
const isBroken = (body: string): boolean => /data-dgst="\d/.test(body)

export function waited(times: readonly number[]): Waited {
  const sorted = [...times].sort((a, b) => a - b)
  const at = (share: number) => Math.round(sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0)
  return { times: sorted.length, median: at(0.5), p95: at(0.95), worst: at(1) }
}

function chosen(shares: Partial<Record<ActionName, number>>, at: number): ActionName {
  const all = Object.entries(shares) as [ActionName, number][]
  let left = at * all.reduce((sum, [, share]) => sum + share, 0)
  return (all.find(([, share]) => (left -= share) < 0) ?? all.at(-1)!)[0]
}
