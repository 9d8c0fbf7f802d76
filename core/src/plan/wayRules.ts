import { rule, type ValuesOf } from '../rule/rule'

/** How wide a squeeze must be, and what counts as being in the way. Whatever is found on a plan rests on these. */
export const WAY_RULES = {
  sideways: rule('Narrowest gap an adult gets through sideways', 14, 'in', [10, 20], 'Common practice'),
  shoulder: rule('Gap to walk through straight, elbows in', 18, 'in', [14, 26], 'Common practice: most adults'),
  comfortable: rule(
    'Gap to walk through without a thought',
    24,
    'in',
    [18, 36],
    'Common practice: two pass by turning a little; a bag fits beside you',
  ),
  wheelchair: rule(
    'Clear width for a wheelchair',
    32,
    'in',
    [32, 42],
    '2010 ADA Standards 404.2.3, a doorway (from memory); never less',
  ),
  turns: rule(
    'Circle a wheelchair turns in',
    60,
    'in',
    [60, 72],
    '2010 ADA Standards 304.3.1 (from memory); never less',
  ),
  closes: rule(
    'What blocks a way out does so from this far',
    12,
    'in',
    [6, 24],
    'Common practice: half a person’s width to either side',
  ),
  firstStep: rule('First step from the bed, never counted as blocked', 24, 'in', [12, 36], 'Common practice'),
  fridgeOpens: rule(
    'Refrigerator door: least useful opening',
    60,
    'deg',
    [45, 90],
    'Common practice: shelves and drawers come out past it',
    5,
  ),
  cupboardOpens: rule(
    'Cabinet or closet door: least useful opening',
    30,
    'deg',
    [20, 90],
    'Common practice: an arm goes in',
    5,
  ),
  beside: rule('Passing this close wakes a sleeper', 12, 'in', [4, 24], 'Common practice: half a step'),
} as const

export type WayRules = ValuesOf<typeof WAY_RULES>
