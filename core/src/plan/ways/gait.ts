import type { WayRules } from '../wayRules'

/** How one gets through, in a word: `sideways`. */
export function gait(width: number, rules: WayRules): string {
  if (width < rules.sideways) return 'too narrow to pass'
  if (width < rules.shoulder) return 'sideways'
  if (width < rules.comfortable) return 'shoulders straight'
  return width < rules.wheelchair ? 'comfortable' : 'wide enough for a wheelchair'
}
