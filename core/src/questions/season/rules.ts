import { rule, type ValuesOf } from '../../rule/rule'

export const SEASON_RULES = {
  tight: rule('Degrees to spare called tight', 8, 'F', [0, 20], 'An ordinary night isn’t the coldest one'),
  hot: rule('An AC is missed on days from', 86, 'F', [75, 100], 'Common practice'),
  mild: rule('Without a furnace, how far below the room a blanket does', 10, 'F', [0, 20], 'Common practice'),
  plenty: rule('Season bar is full with this much to spare', 20, 'F', [5, 60], 'Common practice'),
} as const

export type SeasonRules = ValuesOf<typeof SEASON_RULES>
