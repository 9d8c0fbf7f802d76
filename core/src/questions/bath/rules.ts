import { rule, type ValuesOf } from '../../rule/rule'

export const BATH_RULES = {
  headroomComfort: rule('Comfortable headroom over the tallest in the shower', 2, 'in', [0, 8], 'Common practice'),
  elbowsOut: rule('Wall to wall at the toilet, elbows out', 24, 'in', [20, 34], 'Common practice'),
  elbowsLeast: rule(
    'Wall to wall at the toilet, the least',
    20,
    'in',
    [16, 28],
    'Shoulders of a broad man 22 in (ANSUR II, 2012, from memory), arms in front',
  ),
  knees: rule('Knee room in front of the toilet, the least', 12, 'in', [8, 21], 'Common practice'),
  standAtBasin: rule(
    'Room to stand at the bath sink, the least',
    14,
    'in',
    [10, 24],
    'Common practice: as wide as someone turned sideways',
  ),
  turnRoomy: rule(
    'Turning room in the shower called roomy',
    30,
    'in',
    [26, 42],
    'Common practice: 36 x 30 in is roomy',
  ),
  turnLeast: rule(
    'Turning room in the shower, the least',
    25,
    'in',
    [18, 30],
    'Common practice: 24 x 24 in with a curtain is too small',
  ),
  stepIn: rule(
    'Opening of a shower or tub, the least',
    18,
    'in',
    [14, 26],
    'Common practice: shoulders one after the other',
  ),
  shutDoor: rule(
    'Room to stand while shutting the bath door',
    12,
    'in',
    [8, 20],
    'Common practice: as deep as someone standing',
  ),
  peoplePerBath: rule('People to one bath without a line', 4, 'person', [2, 8], 'Common practice'),
  sinkOutsideTakes: rule('More people a sink outside the bath allows', 1, 'person', [0, 3], 'Common practice'),
  tubUnder: rule('Children under this age want a tub', 5, 'year', [0, 10], 'Common practice'),
  plenty: rule('Bath bar is full with this much to spare', 8, 'in', [2, 24], 'Common practice'),
} as const

export type BathRules = ValuesOf<typeof BATH_RULES>
