import { rule, type ValuesOf } from '../../rule/rule'

export const PARK_RULES = {
  tight: rule(
    'Site length to spare called tight',
    12,
    'in',
    [0, 72],
    'Nobody stops a rig to the inch (common practice)',
  ),
  plenty: rule('Site bar is full with this much to spare', 48, 'in', [12, 120], 'Common practice'),
} as const

export type ParkRules = ValuesOf<typeof PARK_RULES>
