/**
 * Who lies where, exactly. People are bits of a mask. A berth takes one of its groups or nobody; an
 * option is a set of berths that exists once its opening cost is paid (a conversion; 0 for beds that
 * are always there). Two options that exclude each other are never both used.
 */
export interface AssignmentProblem {
  people: number
  /** Cost of leaving a person without a berth. */
  unplaced: number
  /** On top of that for some of them, by person. */
  unplacedMore?: readonly number[]
  options: AssignmentOption[]
  exclusions: [number, number][]
  /** What comes on top once it is known which options are open (bits over options); absent: nothing. */
  night?: (open: number) => NightCosts
}

/** With these options open: what the night costs whoever lies where, and what disturbs whom. */
export interface NightCosts {
  cost: number
  disturbances: Disturbance[]
}

/** What a group (by its mask) in one berth pays because another berth is taken; without `by` it pays always. */
export interface Disturbance {
  at: BerthAt
  by?: BerthAt
  cost: (mask: number) => number
}

/** An option, and a berth of it. */
export type BerthAt = readonly [option: number, berth: number]

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
  placements: AssignedGroup[]
  unplacedMask: number
}

export interface AssignedGroup {
  option: number
  berth: number
  group: AssignmentGroup
}
