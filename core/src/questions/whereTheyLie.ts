import type { SleepingAssignment } from '../nights/sleepingAssignment'
import { says } from '../quantity/phrase'
import { measure, type Reason } from './reason'

/** What goes by where they sleep is not certain while a reading could let them sleep elsewhere. */
export function unsureReason({ everyNight, guestNight }: SleepingAssignment): Reason[] {
  const unsure = [...new Set([...everyNight.unsure, ...(guestNight?.unsure ?? [])])]
  if (unsure.length === 0) return []
  return [measure(says`Where they would sleep depends on what is not measured yet, and so does this.`, unsure)]
}
