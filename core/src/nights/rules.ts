import { fixed, rule, type ValuesOf } from '../rule/rule'
import { COMFORT_RULES } from './comfortRules'

const COMMON = 'Common practice'

/** Who can lie where, and how well. */
export const NIGHT_RULES = {
  lengthSpare: rule(
    'Mattress longer than the sleeper, the least',
    2,
    'in',
    [0, 4],
    'Feet point down in sleep (common practice)',
  ),
  lengthComfort: rule(
    'Mattress longer than the sleeper, comfortable',
    4,
    'in',
    [4, 10],
    '4 in over the tallest is where nobody complains (common practice)',
  ),
  lengthDwelling: rule(
    'Mattress longer than the sleeper for people who live in it',
    6,
    'in',
    [2, 12],
    'A bed at home: 80 in for 6 ft 2 in (common practice)',
  ),
  widthDwelling: rule(
    'Mattress wider than the least for people who live in it',
    4,
    'in',
    [0, 12],
    'Room to turn over every night (common practice)',
  ),
  widthAdult: rule(
    'Bed width for an adult alone',
    25,
    'in',
    [22, 36],
    'Shoulders of a broad man 22 in (ANSUR II, 2012, men 95th 56 cm, from memory) and 3 in to turn',
  ),
  widthTeen: rule('Bed width for a teenager alone', 24, 'in', [20, 36], COMMON),
  widthChild: rule('Bed width for a child alone', 22, 'in', [18, 36], COMMON),
  pairAdult: rule(
    'Bed width for each of two adults',
    24,
    'in',
    [20, 32],
    'Two on 48 in; a dinette bed of 40-44 in doesn’t take them (common practice)',
  ),
  pairChild: rule(
    'Bed width for each of two children',
    18,
    'in',
    [14, 26],
    'Two small children on 36 in and more (common practice)',
  ),
  teenFrom: rule('Teenager from', 13, 'year', [10, 15], COMMON),
  adultFrom: rule('Adult from', 18, 'year', [16, 18], COMMON),
  upperBunkFrom: rule(
    'Upper bunk from',
    6,
    'year',
    [6, 10],
    '16 CFR 1213 and 1513 (from memory): no child under 6; never less',
  ),
  guardLeast: rule(
    'Guardrail above the mattress of an upper bunk',
    5,
    'in',
    [5, 12],
    '16 CFR 1213.3: no less than 5 in (from memory)',
  ),
  guardUnder: rule('Guardrail checked for children under', 13, 'year', [13, 18], COMMON),
  upperPair: rule('Upper bunk that can take two, width', 48, 'in', [42, 72], 'Two of the width of an adult pair'),
  shareUnder: rule('Siblings share a bed without being asked under', 10, 'year', [4, 14], COMMON),
  shareFrom: rule('Siblings share a bed without being asked from', 2, 'year', [2, 6], 'CPSC, as below; never less'),
  cribUntil: rule('Crib until', 3, 'year', [2, 4], COMMON),
  berthFrom: rule(
    'A bed or bunk of their own from',
    2,
    'year',
    [2, 4],
    'CPSC: no child under two in an adult bed; AAP safe sleep: a firm, flat surface of its own (from memory); never less',
  ),
  frailFrom: rule('Ladders and converted beds are hard from', 60, 'year', [50, 80], COMMON),
  livesFrom: rule('They live in it from', 90, 'night', [30, 365], 'A season on one site (common practice)', 5),
  drawnTolerance: rule(
    'A mattress may differ from the drawing by',
    3,
    'in',
    [0, 6],
    'Drawn to the inch; the frame is an inch or two more (common practice)',
  ),
  crib: fixed<[number, number]>([40, 28], 'A folding crib, set up: length and width, as sold'),
  /** Up to so many pounds so long and so wide. */
  dogBeds: fixed<[upTo: number, length: number, width: number][]>(
    [
      [25, 24, 18],
      [50, 30, 20],
      [75, 36, 24],
      [100, 42, 28],
      [400, 48, 30],
    ],
    'Beds as they are sold by the dog’s weight',
  ),
  /** Up to so many pounds so much of a mattress beside people. */
  dogWidths: fixed<[upTo: number, width: number][]>(
    [
      [25, 10],
      [50, 12],
      [75, 16],
      [100, 18],
      [400, 20],
    ],
    'Curled up beside people a dog takes about two thirds of its own bed (common practice)',
  ),
  plentyLength: rule('Sleeping bar is full with this much mattress to spare', 12, 'in', [2, 36], COMMON),
  plentyPeople: rule('Sleeping bar is empty with this many people without a bed', 3, 'person', [1, 10], COMMON),
  comfort: COMFORT_RULES,
} as const

export type NightRules = ValuesOf<typeof NIGHT_RULES>
