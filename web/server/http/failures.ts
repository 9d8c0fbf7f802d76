import type { Refusal } from '../../contracts/refusal'
import { Gone, StaleSave } from '../db/conflict'
import { isAway, isFull, isReadOnly } from '../db/away'
import { logFault } from '../log'
import { Refused } from '../refused'

const FULL =
  'The disk of the database is full, so nothing was saved. Your work is still here. Tell your IT contact, then try again.'
const READ_ONLY =
  'The database takes no changes right now, so nothing was saved. Your work is still on this device. ' +
  'Tell the person who runs the server, then try again.'

/** One mapping of whatever a handler throws to an answer in words. Faults of ours are logged without what was saved. */
export function refusalOf(failure: unknown, where: string): Response {
  const { status, refusal } = refused(failure, where)
  return Response.json(refusal, { status, headers: status === 503 ? { 'retry-after': '5' } : {} })
}

/** The same where an answer is under way already, whose last line it is. */
export const refusalIn = (failure: unknown, where: string): Refusal => refused(failure, where).refusal

function refused(failure: unknown, where: string): { status: number; refusal: Refusal } {
  if (failure instanceof Refused) {
    const { status, message: says, flaws } = failure
    return { status, refusal: status === 401 ? { kind: 'stranger', says } : { kind: 'refused', says, flaws } }
  }
  if (failure instanceof StaleSave) {
    const { message: says, theirs, theirVersion, byYou } = failure
    return { status: 409, refusal: { kind: 'stale', says, theirs, theirVersion, byYou } }
  }
  if (failure instanceof Gone) return { status: 410, refusal: { kind: 'gone', says: failure.message } }
  logFault(where, failure)
  if (isFull(failure)) return { status: 503, refusal: { kind: 'away', says: FULL } }
  if (isReadOnly(failure)) return { status: 503, refusal: { kind: 'away', says: READ_ONLY } }
  if (isAway(failure)) {
    const says = 'The database does not answer at the moment. What you did is kept here; try again in a moment.'
    return { status: 503, refusal: { kind: 'away', says } }
  }
  const says =
    'Something went wrong on the server, and nothing was saved. What you did is kept here; if it happens again, tell your manager.'
  return { status: 500, refusal: { kind: 'failed', says } }
}
