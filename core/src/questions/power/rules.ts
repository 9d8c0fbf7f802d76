import { rule, type ValuesOf } from '../../rule/rule'

export const POWER_RULES = {
  acFrom: rule('The AC runs while they cook from', 80, 'F', [70, 95], 'Common practice'),
  fireplaceTo: rule('An electric fireplace runs on nights down to', 45, 'F', [30, 60], 'Common practice'),
  minutes: rule(
    'One thing more for minutes: a hair dryer or a microwave',
    1_500,
    'W',
    [800, 1_875],
    'Makers’ plates (from memory)',
    25,
  ),
  plenty: rule('Power bar is full with this much to spare', 2_000, 'W', [500, 6_000], 'Runs one thing more', 100),
} as const

export type PowerRules = ValuesOf<typeof POWER_RULES>
