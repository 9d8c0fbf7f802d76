/** Where what rides in it is, and how what one person brings is made up: inches and pounds. */
export interface LoadingRules {
  waterPerGallon: number
  /** The cylinders stand on the tongue, this far before the front wall. */
  cylindersAhead: number
  /** What stands on a rack is this far behind the bumper. */
  rackBehind: number
  /** A rack over the tongue is so far before the front wall; what is longer than this does not ride across. */
  tongueRackAhead: number
  acrossAtMost: number
  /** Of what each person brings: food, dishes, clothes, bedding; shares of one. */
  food: number
  dishes: number
  clothes: number
  /** While nobody measured where the axles stand: between these shares of the box, from the front wall. */
  axleLeast: number
  axleMost: number
  /** While nobody looked where a tank sits: no nearer to either end of the box than this share of it. */
  tankFromEnds: number
}

export const LOADING_RULES: LoadingRules = {
  waterPerGallon: 8.34, // NIST
  cylindersAhead: 16, // common practice
  rackBehind: 15, // the middle of two bikes (common practice)
  tongueRackAhead: 24, // between cylinders and jack (common practice)
  acrossAtMost: 96, // no wider than the trailer itself; 102 in is the law's most on most roads (23 CFR 658.15)
  food: 0.25, // of 75 lb a person: about 19 lb of food, 11 of dishes, 30 of clothes, 15 of bedding (common practice)
  dishes: 0.15,
  clothes: 0.4,
  axleLeast: 0.5, // the middle of the box: farther forward it would lift the tongue
  axleMost: 0.7,
  tankFromEnds: 0.1, // tanks hang between the frame's end members
}
