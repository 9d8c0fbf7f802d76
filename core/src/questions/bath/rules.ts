/** Inches and people. */
export interface BathRules {
  /** Room above the tallest under the shower before it is called comfortable. */
  headroomComfort: number
  /** Wall to wall at the toilet: elbows out, and the least. */
  elbowsOut: number
  elbowsLeast: number
  /** In front of the toilet, the least for the knees. */
  knees: number
  /** In front of the bath sink, the least to stand. */
  standAtBasin: number
  /** The circle one turns in under the shower: roomy, and the least. */
  turnRoomy: number
  turnLeast: number
  /** The opening by which one steps into a shower or tub, the least. */
  stepIn: number
  /** Room to stand beside the leaf while one shuts it, the least. */
  shutDoor: number
  /** Most people who share one bath without a queue worth mentioning, and how many more a sink outside it takes. */
  peoplePerBath: number
  sinkOutsideTakes: number
  /** Younger ones are bathed, years. */
  tubUnder: number
}

export const BATH_RULES: BathRules = {
  headroomComfort: 2,
  elbowsOut: 24, // elbows out on the seat (common practice)
  elbowsLeast: 20, // bideltoid breadth of a broad man 22 in (ANSUR II, 2012, from memory), arms in front
  knees: 12,
  standAtBasin: 14, // as wide as someone turned sideways
  turnRoomy: 30, // 36 x 30 in is called roomy (common practice)
  turnLeast: 25, // about 24 x 24 in with a curtain is called too small (common practice)
  stepIn: 18, // shoulders go in one after the other (common practice)
  shutDoor: 12, // as deep as someone standing
  peoplePerBath: 4,
  sinkOutsideTakes: 1,
  tubUnder: 5, // common practice
}
