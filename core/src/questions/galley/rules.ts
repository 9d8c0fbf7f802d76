import { rule, type ValuesOf } from '../../rule/rule'

export const GALLEY_RULES = {
  threeBurnersFrom: rule(
    'People at the table from whom three burners are wanted',
    4,
    'person',
    [2, 8],
    'Common practice',
  ),
  fridgePerPersonDay: rule(
    'Refrigerator for each person and day',
    0.4,
    'cu ft',
    [0.2, 1],
    'Household guides (from memory), give or take a quarter',
    0.05,
  ),
  daysBetweenShops: rule('Days between grocery runs, at most', 4, 'day', [1, 14], 'Common practice'),
  fridgeTight: rule('Refrigerator room to spare called tight', 1, 'cu ft', [0, 4], 'Common practice', 0.5),
  prepLength: rule('Counter to work on', 18, 'in', [12, 36], 'Common practice'),
  prepLengthMany: rule('Counter to work on, for a big family', 24, 'in', [12, 48], 'Common practice'),
  prepManyFrom: rule('A big family in the kitchen starts at', 5, 'person', [3, 10], 'Common practice'),
  prepDepth: rule('Counter depth to work on', 16, 'in', [10, 24], 'Common practice'),
  prepWhileCooking: rule('Counter left while cooking', 12, 'in', [0, 24], 'A place to put a pot down'),
  blockedFront: rule('Counter front that may be blocked', 18, 'in', [0, 30], 'Common practice'),
  pot: rule('Largest pot, across', 10, 'in', [8, 16], 'A six-quart pot (common practice)'),
  potMany: rule('Largest pot of a big family, across', 12, 'in', [8, 18], 'Common practice'),
  plateDepth: rule('Cabinet depth for dinner plates', 12, 'in', [9, 14], 'Common practice: 12 in holds plates'),
  cupDepth: rule('Cabinet depth for cups', 5, 'in', [3, 9], 'Common practice: 5-6 in holds cups'),
  outsideKitchenTakes: {
    depth: rule('Outside kitchen: depth it takes inside', 20, 'in', [10, 30], 'Its cabinet (common practice)'),
    height: rule('Outside kitchen: height it takes inside', 30, 'in', [10, 48], 'Floor to counter (common practice)'),
  },
  pantryHeight: rule(
    'Height of a pantry’s shelves',
    70,
    'in',
    [36, 78],
    'Common practice: toe board to under the ceiling',
  ),
  watchedUnder: rule('Children to keep in sight, under', 9, 'year', [3, 14], 'Common practice'),
  sinkRim: rule('Rim of a sink, and the wall between two bowls', 2, 'in', [0, 4], 'Common practice', 0.5),
} as const

export type GalleyRules = ValuesOf<typeof GALLEY_RULES>
