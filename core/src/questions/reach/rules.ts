import { rule, type ValuesOf } from '../../rule/rule'

export const REACH_RULES = {
  above: rule('Headroom over the tallest, standing', 1, 'in', [0, 4], 'Soles of house shoes (common practice)', 0.5),
  lightEnough: rule(
    'Steps nobody read hold people up to',
    250,
    'lb',
    [150, 300],
    'Steps are sold for 300 lb and more; a quarter less is doubted where it is read (common practice)',
    10,
  ),
  plenty: rule('Reach bar is full with this much above going sideways', 12, 'in', [4, 36], 'Common practice'),
} as const

export type ReachRules = ValuesOf<typeof REACH_RULES>
