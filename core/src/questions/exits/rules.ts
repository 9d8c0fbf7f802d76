import { rule, type ValuesOf } from '../../rule/rule'

export const EXIT_RULES = {
  childUnder: rule(
    'A cargo or ramp door is cautioned for children under',
    13,
    'year',
    [13, 18],
    'Small hands reach a latch, and not every one opens from inside',
  ),
} as const

export type ExitRules = ValuesOf<typeof EXIT_RULES>
