import { WATER } from '../quantity/weights'
import { fixed, rule, type ValuesOf } from '../rule/rule'

const USUAL_LOAD = 'Of 75 lb a person about 19 lb of food, 11 of dishes, 30 of clothes, 15 of bedding (common practice)'

/** Where things ride, and what each person’s belongings are made of. */
export const LOADING_RULES = {
  waterPerGallon: fixed(WATER, 'NIST'),
  cylindersAhead: rule('LP cylinders stand this far ahead of the front wall', 16, 'in', [0, 36], 'Common practice'),
  rackBehind: rule(
    'A rear rack’s load sits this far behind the bumper',
    15,
    'in',
    [6, 40],
    'The middle of two bikes (common practice)',
  ),
  tongueRackAhead: rule(
    'A tongue rack sits this far ahead of the front wall',
    24,
    'in',
    [6, 48],
    'Between cylinders and jack (common practice)',
  ),
  rack: rule('A rack at the rear receiver weighs', 45, 'lb', [10, 150], 'Common practice', 5),
  acrossAtMost: rule(
    'Longest thing that rides across a rack',
    96,
    'in',
    [72, 102],
    'No wider than the trailer; 102 in is the law’s most on most roads (23 CFR 658.15)',
  ),
  food: rule('Belongings: food', 0.25, 'share', [0.05, 0.33], USUAL_LOAD),
  dishes: rule('Belongings: dishes', 0.15, 'share', [0.05, 0.25], USUAL_LOAD),
  clothes: rule('Belongings: clothes', 0.4, 'share', [0.1, 0.42], USUAL_LOAD),
  axleLeast: rule(
    'Axles nobody measured, no farther forward than',
    0.5,
    'share',
    [0.45, 0.55],
    'Share of the box from the front; the middle: farther forward would lift the tongue',
  ),
  axleMost: rule(
    'Axles nobody measured, no farther back than',
    0.7,
    'share',
    [0.6, 0.8],
    'Share of the box from the front',
  ),
  tankFromEnds: rule(
    'Tanks nobody located, from either end of the box',
    0.1,
    'share',
    [0, 0.25],
    'They hang between the frame’s end members',
  ),
} as const

export type LoadingRules = ValuesOf<typeof LOADING_RULES>
