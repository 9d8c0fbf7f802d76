import type { AssignmentGroup, AssignmentProblem, BerthAt } from '../nights/assignment'

/** A small reproducible source of chance (mulberry32, public domain): the same seed gives the same problems. */
export function chance(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state)
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296
  }
}

/**
 * A sleeping problem of up to these sizes: singles and pairs in berths, conversions that cost something, some
 * that exclude each other.
 */
export function randomProblem(random: () => number, mostPeople: number, mostBerths: number): AssignmentProblem {
  const whole = (least: number, most: number) => least + Math.floor(random() * (most - least + 1))
  const people = whole(1, mostPeople)
  const options = Array.from({ length: whole(1, 6) }, (_, i) => ({
    opening: i === 0 ? 0 : whole(1, 8) * 50,
    berths: [] as AssignmentGroup[][],
  }))
  for (let left = whole(1, mostBerths); left > 0; left--) {
    const masks = new Set<number>()
    for (let p = 0; p < people; p++) {
      if (random() < 0.6) masks.add(1 << p)
      const q = whole(0, people - 1)
      if (q !== p && random() < 0.3) masks.add((1 << p) | (1 << q))
    }
    options[whole(0, options.length - 1)]!.berths.push([...masks].map((mask) => ({ mask, cost: whole(0, 30) })))
  }
  const exclusions: [number, number][] = []
  for (let a = 1; a < options.length; a++)
    for (let b = a + 1; b < options.length; b++) if (random() < 0.25) exclusions.push([a, b])
  // Some are left out less gladly than others: hosts before guests.
  const unplacedMore = Array.from({ length: people }, () => (random() < 0.5 ? 0 : 900))
  return { people, unplaced: 10_000, unplacedMore, options, exclusions }
}

/** A berth that costs those in another when it is taken: the points for each person. */
export interface Pair {
  at: BerthAt
  by: BerthAt
  each: number
}

/** The same with up to two berths beside the way of every berth: whoever passes them when they are slept in pays. */
export function withPassing(random: () => number, problem: AssignmentProblem): AssignmentProblem & { pairs: Pair[] } {
  const berths = problem.options.flatMap(({ berths: own }, option) => own.map((_, berth): BerthAt => [option, berth]))
  const pairs = berths.flatMap((at) =>
    [0, 1].flatMap((): Pair[] => {
      const by = berths[Math.floor(random() * berths.length)]!
      return by === at || random() < 0.5 ? [] : [{ at, by, each: 1 + Math.floor(random() * 9) }]
    }),
  )
  return {
    ...problem,
    pairs,
    night: () => ({
      cost: 0,
      disturbances: pairs.map(({ at, by, each }) => ({ at, by, cost: (mask) => each * count(mask) })),
    }),
  }
}

/** How many bits are set; counted in the plain way, for checking. */
const count = (mask: number): number => [...mask.toString(2)].filter((bit) => bit === '1').length

/**
 * The same problem as a mixed-integer program in LP format, for HiGHS: x for a group in a berth, y for
 * an option that is opened, u for a person left over; each person once, each berth at most one group,
 * no berth of an option that is not opened, never two that exclude each other; z where a group lies in one
 * berth and somebody in another that disturbs it.
 */
export function asLinearProgram({
  people,
  unplaced,
  unplacedMore,
  options,
  exclusions,
  pairs = [],
}: AssignmentProblem & { pairs?: readonly Pair[] }): string {
  const objective: string[] = []
  const rows: string[] = []
  const binaries: string[] = []
  const holding: string[][] = Array.from({ length: people }, () => [])
  options.forEach(({ opening, berths }, o) => {
    objective.push(`${opening} y${o}`)
    binaries.push(`y${o}`)
    berths.forEach((groups, b) => {
      if (groups.length === 0) return
      const names = groups.map(({ mask, cost }, g) => {
        const name = `x${o}_${b}_${g}`
        objective.push(`${cost} ${name}`)
        binaries.push(name)
        for (let p = 0; p < people; p++) if (mask & (1 << p)) holding[p]!.push(name)
        return name
      })
      rows.push(`${names.join(' + ')} - y${o} <= 0`)
    })
  })
  holding.forEach((names, p) => {
    objective.push(`${unplaced + (unplacedMore?.[p] ?? 0)} u${p}`)
    binaries.push(`u${p}`)
    rows.push(`${[...names, `u${p}`].join(' + ')} = 1`)
  })
  pairs.forEach(({ at, by, each }, k) => {
    const others = options[by[0]]!.berths[by[1]]!.map((_, h) => `x${by[0]}_${by[1]}_${h}`)
    if (others.length === 0) return
    options[at[0]]!.berths[at[1]]!.forEach(({ mask }, g) => {
      const name = `z${k}_${g}`
      objective.push(`${each * count(mask)} ${name}`)
      binaries.push(name)
      rows.push(`x${at[0]}_${at[1]}_${g} + ${others.join(' + ')} - ${name} <= 1`)
    })
  })
  for (const [a, b] of exclusions) rows.push(`y${a} + y${b} <= 1`)
  const [sum, subject] = [objective.join(' + '), rows.map((row, i) => ` r${i}: ${row}`).join('\n')]
  return `Minimize\n obj: ${sum}\nSubject To\n${subject}\nBinary\n ${binaries.join('\n ')}\nEnd`
}

/** What a solution really costs, and whether it keeps every rule; shares no code with the solver. */
export function auditedCost(
  { people, unplaced, unplacedMore, options, exclusions, pairs = [] }: AssignmentProblem & { pairs?: readonly Pair[] },
  placements: readonly { option: number; berth: number; group: AssignmentGroup }[],
): number {
  const opened = new Set(placements.map(({ option }) => option))
  if (exclusions.some(([a, b]) => opened.has(a) && opened.has(b)))
    throw new Error('two options that exclude each other')
  let mask = 0
  let cost = [...opened].reduce((sum, option) => sum + options[option]!.opening, 0)
  const used = new Set<string>()
  for (const { option, berth, group } of placements) {
    const place = `${option} ${berth}`
    if (used.has(place)) throw new Error('a berth used twice')
    if (mask & group.mask) throw new Error('a person placed twice')
    if (!options[option]!.berths[berth]!.includes(group)) throw new Error('a group that this berth does not take')
    used.add(place)
    mask |= group.mask
    cost += group.cost
  }
  for (let p = 0; p < people; p++) if (!(mask & (1 << p))) cost += unplaced + (unplacedMore?.[p] ?? 0)
  const lying = (where: BerthAt) => placements.find(({ option, berth }) => option === where[0] && berth === where[1])
  for (const { at, by, each } of pairs) if (lying(at) && lying(by)) cost += each * count(lying(at)!.group.mask)
  return cost
}
