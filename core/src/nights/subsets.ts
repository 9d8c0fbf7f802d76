import { withScratchBuffers } from '../plan/floor/scratchBuffers'
import type { Assignment, AssignmentOption, AssignmentProblem } from './assignment'

/** Sixteen people make a table of 65,536 subsets: more would not sit in one trailer. */
export const MOST_PEOPLE = 16
const FAR = 0x3fffffff
/** Sixty-four rows of ten people: few tables are larger. */
const USUAL_TABLE = 1 << 16

/**
 * Dynamic programming over subsets of people, berth by berth
 *
 *   best[subset] = least cost to put exactly these people into the berths seen so far
 *
 * Options that exclude each other come in clusters, and clusters do not touch: of each, every maximal set that can
 * be made together is tried from the same row, and the better one taken mask by mask.
 */
export function undisturbed(problem: AssignmentProblem): Assignment {
  const { options, exclusions } = problem
  const bound = new Set(exclusions.flat())
  const free = options.map((_, i) => i).filter((i) => !bound.has(i))
  const clusters = clustersOf([...bound], exclusions).map((cluster) => compatibleSets(cluster, exclusions))
  return cheapest(problem, [...free, ...clusters])
}

/** The options bound by exclusions, those that are tied to each other by any chain of them together. */
function clustersOf(bound: readonly number[], exclusions: readonly [number, number][]): number[][] {
  const clusters: number[][] = []
  const seen = new Set<number>()
  for (const start of bound) {
    if (seen.has(start)) continue
    const cluster = [start]
    seen.add(start)
    for (const at of cluster)
      for (const [a, b] of exclusions)
        for (const [from, to] of [
          [a, b],
          [b, a],
        ] as const)
          if (from === at && !seen.has(to)) {
            seen.add(to)
            cluster.push(to)
          }
    clusters.push(cluster)
  }
  return clusters
}

/** Maximal sets out of the options under an exclusion, none excluding another. */
function compatibleSets(bound: readonly number[], exclusions: readonly [number, number][]): number[][] {
  const clashes = (a: number, b: number) => exclusions.some(([x, y]) => (x === a && y === b) || (x === b && y === a))
  const sets: number[][] = []
  const grow = (set: number[], from: number): void => {
    if (from === bound.length) {
      if (bound.every((i) => set.includes(i) || set.some((member) => clashes(member, i)))) sets.push(set)
      return
    }
    const next = bound[from]!
    if (!set.some((member) => clashes(member, next))) grow([...set, next], from + 1)
    if (bound.some((i) => clashes(i, next))) grow(set, from + 1)
  }
  grow([], 0)
  return sets
}

type Chosen = readonly (number | readonly (readonly number[])[])[]
type Open = Pick<AssignmentProblem, 'people' | 'unplaced' | 'unplacedMore' | 'options'>

/** The cheapest use of these options, any of which may also stay closed; of a list of sets, of one of them. */
export const cheapest = (problem: Open, chosen: Chosen): Assignment =>
  table(rowsFor(problem.options, chosen) << problem.people)(problem, chosen)

/** The first row, one more for every berth of an option, two for its opening, and one for every choice between sets. */
function rowsFor(options: readonly AssignmentOption[], chosen: Chosen): number {
  const rows = (option: number): number => options[option]!.berths.length + 2
  let sum = 1
  for (const one of chosen) {
    if (typeof one === 'number') {
      sum += rows(one)
      continue
    }
    sum += 1
    for (const set of one) for (const option of set) sum += rows(option)
  }
  return sum
}

/**
 * A row of the table holds the best cost for each subset after one more berth, after the choice to open an option,
 * or after the choice between sets of options. Rows stay until the way is read back.
 */
type Stage =
  | { kind: 'berth'; option: number; berth: number; before: number; after: number }
  | { kind: 'choice'; closed: number; opened: number; first: number }
  | { kind: 'either'; branches: { stages: Stage[]; row: number }[]; after: number }

// eslint-disable-next-line max-lines-per-function -- a search over flat lists: its steps share a dozen of them
const table = withScratchBuffers(USUAL_TABLE, (most) => {
  const cells = new Int32Array(most)
  let rows = 0
  let size = 0
  let left = new Float64Array(1)
  let of: (Pick<Open, 'unplaced' | 'unplacedMore'> & { size: number }) | undefined

  return (problem: Open, chosen: Chosen): Assignment => {
    const { people, options } = problem
    size = 1 << people
    rows = 0
    const stages: Stage[] = []
    let best = row()
    cells.fill(FAR, best, best + size)
    cells[best] = 0
    for (const one of chosen)
      best = typeof one === 'number' ? use(options, one, best, stages) : useOne(options, one, best, stages)
    const goal = cheapestGoal(best, problem)
    const unplacedMask = (size - 1) & ~goal
    return {
      cost: cells[best + goal]! + left[unplacedMask]!,
      placements: readBack(options, stages, goal).placements,
      unplacedMask,
    }
  }

  function row(): number {
    const at = rows * size
    rows += 1
    return at
  }

  /** The row after an option that may stay closed. */
  function use(options: readonly AssignmentOption[], option: number, before: number, stages: Stage[]): number {
    const { opening, berths } = options[option]!
    const first = stages.length
    let open = before
    if (opening > 0) {
      open = row()
      add(before, opening, open)
    }
    for (let berth = 0; berth < berths.length; berth++) {
      if (berths[berth]!.length === 0) continue
      const after = row()
      cells.copyWithin(after, open, open + size)
      for (const { mask, cost } of berths[berth]!) put(mask, cost, open, after)
      stages.push({ kind: 'berth', option, berth, before: open, after })
      open = after
    }
    if (opening === 0) return open
    if (stages.length === first) return before
    const after = row()
    cells.copyWithin(after, before, before + size)
    lower(after, open)
    stages.push({ kind: 'choice', closed: before, opened: open, first })
    return after
  }

  /** The row after one of some sets of options, or none. */
  function useOne(
    options: readonly AssignmentOption[],
    sets: readonly (readonly number[])[],
    before: number,
    stages: Stage[],
  ): number {
    const branches = sets.map((set) => {
      const own: Stage[] = []
      const end = set.reduce((at, option) => use(options, option, at, own), before)
      return { stages: own, row: end }
    })
    const after = row()
    cells.copyWithin(after, before, before + size)
    for (const branch of branches) lower(after, branch.row)
    stages.push({ kind: 'either', branches, after })
    return after
  }

  function add(before: number, cost: number, after: number): void {
    for (let mask = 0; mask < size; mask++) cells[after + mask] = Math.min(FAR, cells[before + mask]! + cost)
  }

  function lower(row: number, other: number): void {
    for (let mask = 0; mask < size; mask++) cells[row + mask] = Math.min(cells[row + mask]!, cells[other + mask]!)
  }

  /** One more berth takes one of its groups, beside all subsets of the others, from largest to none. */
  function put(group: number, cost: number, before: number, after: number): void {
    const others = (size - 1) & ~group
    for (let mask = others; ; mask = (mask - 1) & others) {
      const total = cells[before + mask]! + cost
      if (total < cells[after + (mask | group)]!) cells[after + (mask | group)] = total
      if (mask === 0) return
    }
  }

  /** Whom to place: the rest is left out. */
  function cheapestGoal(row: number, problem: Open): number {
    leave(problem)
    let [cost, goal] = [Infinity, 0]
    for (let mask = 0; mask < size; mask++) {
      if (cells[row + mask]! >= FAR) continue
      const total = cells[row + mask]! + left[(size - 1) & ~mask]!
      if (total < cost) [cost, goal] = [total, mask]
    }
    return goal
  }

  /** What leaving out costs, for every set of people: listed once for all tables of one night. */
  function leave({ unplaced, unplacedMore }: Open): void {
    if (of?.unplaced === unplaced && of.unplacedMore === unplacedMore && of.size === size) return
    if (left.length < size) left = new Float64Array(size)
    for (let mask = 1; mask < size; mask++) {
      const last = 31 - Math.clz32(mask)
      left[mask] = left[mask ^ (1 << last)]! + unplaced + (unplacedMore?.[last] ?? 0)
    }
    of = { unplaced, unplacedMore, size }
  }

  /** The way to the goal, from the last stage to the first, and who is placed before it. */
  function readBack(
    options: AssignmentOption[],
    stages: readonly Stage[],
    goal: number,
  ): { placements: Assignment['placements']; mask: number } {
    const placements: Assignment['placements'] = []
    let mask = goal
    for (let i = stages.length - 1; i >= 0; i--) {
      const stage = stages[i]!
      if (stage.kind === 'choice') {
        if (cells[stage.closed + mask]! <= cells[stage.opened + mask]!) i = stage.first
        continue
      }
      if (stage.kind === 'either') {
        // Where no branch is as good, all of them stayed closed.
        const branch = stage.branches.find(({ row }) => cells[row + mask] === cells[stage.after + mask])
        if (!branch) continue
        const within = readBack(options, branch.stages, mask)
        placements.push(...within.placements.reverse())
        mask = within.mask
        continue
      }
      const { option, berth, before, after } = stage
      const cost = cells[after + mask]!
      if (cells[before + mask] === cost) continue
      const group = options[option]!.berths[berth]!.find(
        (one) => (mask & one.mask) === one.mask && cells[before + (mask ^ one.mask)]! + one.cost === cost,
      )!
      placements.push({ option, berth, group })
      mask ^= group.mask
    }
    return { placements: placements.reverse(), mask }
  }
})

/** What it costs to leave these people without a berth. */
export function leftOutCost(
  { unplaced, unplacedMore }: Pick<AssignmentProblem, 'unplaced' | 'unplacedMore'>,
  mask: number,
): number {
  let cost = unplaced * bits(mask)
  if (unplacedMore) for (let i = 0; mask >> i; i++) if (mask & (1 << i)) cost += unplacedMore[i] ?? 0
  return cost
}

/** How many bits are set, for every mask of up to 16 people. */
const COUNTS = new Uint8Array(1 << MOST_PEOPLE)
for (let mask = 1; mask < COUNTS.length; mask++) COUNTS[mask] = COUNTS[mask >> 1]! + (mask & 1)

export const bits = (mask: number): number => COUNTS[mask]!
