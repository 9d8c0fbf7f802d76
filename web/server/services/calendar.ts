import ical from 'ical-generator'
import { openFollowUps } from '../db/followUps'
import { settings } from '../settings'

/** Every follow-up that is not done, as days of a calendar (RFC 5545). Taken in again, each stays one entry. */
export async function followUpCalendar(origin: string): Promise<string> {
  const calendar = ical({
    name: `Follow-ups${settings().dealership && `, ${settings().dealership}`}`,
    prodId: { company: 'Hitchet', product: 'Follow-ups' },
  })
  for (const { id, householdId, household, dueOn, why } of await openFollowUps()) {
    calendar.createEvent({
      id,
      // A day has no hour and no zone: noon stays on it wherever it is read.
      start: new Date(`${dueOn}T12:00:00Z`),
      timezone: 'UTC',
      allDay: true,
      summary: `${household}: ${why}`,
      url: `${origin}/households/${householdId}/after`,
    })
  }
  return calendar.toString()
}
