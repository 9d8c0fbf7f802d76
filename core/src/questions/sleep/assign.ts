/**
 * Who lies where, exactly. People are bits of a mask. A berth takes one of its groups or nobody; an
 * option is a set of berths that exists once its opening cost is paid (a conversion; 0 for beds that
 * are always there). Two options that exclude each other are never both used.
 */
export interface AssignmentProblem {
  people: number
  /** Cost of leaving a person without a berth. */
  unplaced: number
  options: AssignmentOption[]
  exclusions: [number, number][]
}

export interface AssignmentOption {
  opening: number
  berths: AssignmentGroup[][]
}

export interface AssignmentGroup {
  mask: number
  cost: number
}

export interface Assignment {
  cost: number
  placements: { option: number; berth: number; group: AssignmentGroup }[]
  unplacedMask: number
}

/** Sixteen people make a table of 65,536 subsets: more would not sit in one trailer. */
const MOST_PEOPLE = 16
const FAR = 0x3fffffff

/**
 * The cheapest assignment, proven: dynamic programming over subsets of people, berth by berth
 *
 *   best[subset] = least cost to put exactly these people into the berths seen so far
 *
 * with every maximal set of compatible options tried. Costs are whole numbers below 2^30 in sum.
 * @throws RangeError for more than 16 people.
 */
export function assign(problem: AssignmentProblem): Assignment {
  const { people, options, exclusions } = problem
  if (people > MOST_PEOPLE) throw new RangeError(`${people} people; at most ${MOST_PEOPLE} can be placed`)
  const free = options.flatMap((_, i) => (exclusions.some((pair) => pair.includes(i)) ? [] : [i]))
  const tables = compatibleSets(options.length, exclusions).map((chosen) => new Table(problem, [...free, ...chosen]))
  return tables.reduce((a, b) => (b.cost < a.cost ? b : a)).solution()
}

/** Maximal sets of options out of those under an exclusion, none excluding another. One empty set when there are none. */
function compatibleSets(count: number, exclusions: [number, number][]): number[][] {
  const involved = Array.from({ length: count }, (_, i) => i).filter((i) => exclusions.some((pair) => pair.includes(i)))
  if (involved.length === 0) return [[]]
  const clashes = (a: number, b: number) => exclusions.some(([x, y]) => (x === a && y === b) || (x === b && y === a))
  const sets: number[][] = []
  const grow = (set: number[], from: number): void => {
    if (from === involved.length) {
      if (involved.every((i) => set.includes(i) || set.some((member) => clashes(member, i)))) sets.push(set)
      return
    }
    const next = involved[from]!
    if (!set.some((member) => clashes(member, next))) grow([...set, next], from + 1)
    if (involved.some((i) => clashes(i, next))) grow(set, from + 1)
  }
  grow([], 0)
  return sets
}

/** The table of one set of options, kept stage by stage so that the way can be read back. */
class Table {
  readonly cost: number
  private readonly goal: number
  /** Best costs after each stage; a stage is one berth, or the choice to open an option. */
  private readonly stages: Stage[] = []

  constructor(
    private readonly problem: AssignmentProblem,
    chosen: number[],
  ) {
    const size = 1 << problem.people
    let best = new Int32Array(size).fill(FAR)
    best[0] = 0
    for (const option of chosen) best = this.addOption(option, best)
    let goal = 0
    let cost = FAR
    for (let mask = 0; mask < size; mask++) {
      const total = best[mask]! + problem.unplaced * (problem.people - bits(mask))
      if (total < cost) [cost, goal] = [total, mask]
    }
    this.cost = cost
    this.goal = goal
  }

  /** Either left closed, or opened at its price and its berths filled one after another. */
  private addOption(option: number, closed: Int32Array<ArrayBuffer>): Int32Array<ArrayBuffer> {
    const { opening, berths } = this.problem.options[option]!
    let open = opening === 0 ? closed : closed.map((cost) => (cost < FAR ? cost + opening : FAR))
    const first = this.stages.length
    berths.forEach((groups, berth) => {
      if (groups.length === 0) return
      const after = fill(open, groups)
      this.stages.push({ option, berth, before: open, after })
      open = after
    })
    if (opening === 0 || this.stages.length === first) return opening === 0 ? open : closed
    const merged = closed.map((cost, mask) => Math.min(cost, open[mask]!))
    this.stages.push({ option, skipTo: first, before: closed, after: merged, opened: open })
    return merged
  }

  solution(): Assignment {
    const placements: Assignment['placements'] = []
    let mask = this.goal
    for (let i = this.stages.length - 1; i >= 0; i--) {
      const stage = this.stages[i]!
      if ('skipTo' in stage) {
        if (stage.before[mask]! <= stage.opened[mask]!) i = stage.skipTo
        continue
      }
      const cost = stage.after[mask]!
      if (stage.before[mask] === cost) continue
      const group = this.problem.options[stage.option]!.berths[stage.berth]!.find((one) => (mask & one.mask) === one.mask && stage.before[mask ^ one.mask]! + one.cost === cost)!
      placements.push({ option: stage.option, berth: stage.berth, group })
      mask ^= group.mask
    }
    return { cost: this.cost, placements: placements.reverse(), unplacedMask: ((1 << this.problem.people) - 1) & ~this.goal }
  }
}

type Stage =
  | { option: number; berth: number; before: Int32Array; after: Int32Array }
  | { option: number; skipTo: number; before: Int32Array; after: Int32Array; opened: Int32Array }

/** One more berth: it stays empty, or takes one of its groups. */
function fill(before: Int32Array<ArrayBuffer>, groups: AssignmentGroup[]): Int32Array<ArrayBuffer> {
  const after = before.slice()
  for (const { mask: group, cost } of groups) {
    for (let mask = 0; mask < before.length; mask++) {
      if (mask & group) continue
      const total = before[mask]! + cost
      if (total < after[mask | group]!) after[mask | group] = total
    }
  }
  return after
}

export function bits(mask: number): number {
  let count = 0
  for (let rest = mask; rest; rest &= rest - 1) count++
  return count
}
