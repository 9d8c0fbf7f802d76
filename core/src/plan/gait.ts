import { GRAIN } from './clearance'
import type { WayRules } from './wayRules'

/** How one gets through, in a word: `sideways`. */
export function gait(width: number, rules: WayRules): string {
  if (width + GRAIN < rules.sideways) return 'too narrow to pass'
  if (width + GRAIN < rules.shoulder) return 'sideways'
  if (width + GRAIN < rules.comfortable) return 'shoulders straight'
  return width < rules.wheelchair ? 'comfortable' : 'wide enough for a wheelchair'
}
