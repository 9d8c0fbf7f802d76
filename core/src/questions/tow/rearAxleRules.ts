/** How a vehicle shares what it bears between its axles, while no scale has told: shares of each, and inches. */
export interface RearAxleRules {
  emptyLeast: number
  emptyMost: number
  peopleLeast: number
  peopleMost: number
  gearLeast: number
  gearMost: number
  /** From the rear axle back to the ball. */
  overhangLeast: number
  overhangMost: number
  /** While nobody measured it. */
  wheelbaseLeast: number
  wheelbaseMost: number
  /** Of the tongue, what weight distribution may take off the rear axle. */
  barsTake: number
}

/** Common practice: cars and pickups as they are weighed; behind the axle a load bears with more than itself. */
export const REAR_AXLE_RULES: RearAxleRules = {
  emptyLeast: 0.38,
  emptyMost: 0.5,
  peopleLeast: 0.4,
  peopleMost: 0.65,
  gearLeast: 0.8,
  gearMost: 1.15,
  overhangLeast: 40,
  overhangMost: 65,
  wheelbaseLeast: 100,
  wheelbaseMost: 170,
  barsTake: 0.3,
}
