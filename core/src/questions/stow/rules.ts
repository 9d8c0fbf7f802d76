import type { FixtureKind } from '../../readings/catalogue'
import { rule, type ValuesOf } from '../../rule/rule'

const MEASURED_OFF = 'Measured off laundry bags and kitchen totes, give or take a third (common practice)'
const share = (of: string, value: number) =>
  rule(`Share of ${of} that can be filled`, value, 'share', [0.2, 1], 'Common practice', 0.05)

export const STOW_RULES = {
  hangerDepth: rule(
    'Closet depth for an adult’s hanger',
    20,
    'in',
    [14, 24],
    'A 17 in hanger, cloth on both sides (common practice)',
  ),
  hangingPerPerson: rule('Closet rod for each person', 8, 'in', [2, 24], 'Common practice'),
  clothesAlways: rule('Clothes and towels for each person, always', 1.5, 'cu ft', [0.5, 6], MEASURED_OFF, 0.5),
  clothesDwelling: rule(
    'Clothes for each person who lives in it',
    6,
    'cu ft',
    [2, 20],
    'A closet and a dresser (common practice)',
  ),
  kitchenDwelling: rule('Kitchen things for each person who lives in it', 4, 'cu ft', [2, 12], 'Common practice'),
  clothesPerDay: rule('Clothes for each person and day', 0.3, 'cu ft', [0.1, 1], MEASURED_OFF, 0.1),
  daysBetweenLaundry: rule('Days between laundries, at most', 7, 'day', [2, 21], 'Common practice'),
  kitchenPerPerson: rule('Dishes, pots and food for each person', 2, 'cu ft', [0.5, 6], MEASURED_OFF, 0.5),
  filled: {
    wardrobe: share('a closet', 0.85),
    pantry: share('a pantry', 0.85),
    linen: share('a linen closet', 0.85),
    cabinet: share('a cabinet', 0.75),
    'tall-cabinet': share('a tall cabinet', 0.85),
    overhead: share('an overhead cabinet', 0.8),
    nightstand: share('a nightstand', 0.7),
    counter: share('a kitchen base', 0.5),
    island: share('an island', 0.6),
  },
  plentyRoom: rule('Room bar is full with this much to spare', 20, 'cu ft', [5, 80], 'Common practice', 5),
  plentyPieces: rule('Gear bar is empty with this many things left over', 3, 'piece', [1, 20], 'Common practice'),
} as const

export type StowRules = Omit<ValuesOf<typeof STOW_RULES>, 'filled'> & { filled: Partial<Record<FixtureKind, number>> }
