import { rule, type ValuesOf } from '../../rule/rule'

export const SEATING_RULES = {
  windowNear: rule('A work place has a window within', 30, 'in', [12, 72], 'Common practice'),
  turn: rule(
    'Head turned to the TV, at most',
    30,
    'deg',
    [15, 60],
    'Common practice; half of what a head turns without the shoulders',
    5,
  ),
  slant: rule('TV seen from the side, at most', 45, 'deg', [20, 75], 'Common practice', 5),
  plenty: rule('Seats bar is full with this many more than people', 4, 'place', [1, 12], 'Common practice'),
} as const

export type SeatingRules = ValuesOf<typeof SEATING_RULES>
