import type { Refusal } from '../../wire/refusal'
import { Gone, StaleSave } from '../db/conflict'
import { isAway } from '../db/away'
import { Refused } from '../refused'

/** One mapping of whatever a handler throws to an answer in words. Faults of ours are logged without what was saved. */
export function refusalOf(failure: unknown, where: string): Response {
  if (failure instanceof Refused) return answer(failure.status, refused(failure))
  if (failure instanceof StaleSave) {
    const { message: says, theirs, theirVersion } = failure
    return answer(409, { kind: 'stale', says, theirs, theirVersion })
  }
  if (failure instanceof Gone) return answer(410, { kind: 'gone', says: failure.message })
  log(where, failure)
  if (isAway(failure)) {
    const says = 'The database does not answer at the moment. What you did is kept here; try again in a moment.'
    return answer(503, { kind: 'away', says }, { 'retry-after': '5' })
  }
  const says =
    'Something went wrong on the server, and nothing was saved. What you did is kept here; if it happens again, tell your manager.'
  return answer(500, { kind: 'failed', says })
}

const refused = ({ status, message: says, flaws }: Refused): Refusal =>
  status === 401 ? { kind: 'stranger', says } : { kind: 'refused', says, flaws }

const answer = (status: number, refusal: Refusal, headers?: Record<string, string>): Response =>
  Response.json(refusal, { status, headers })

/**
 * Where and what kind of fault, never its text: a database repeats in it the whole statement with everything
 * that was to be written, and a parser the piece that it stumbled over.
 */
function log(where: string, failure: unknown): void {
  const { name, code, parent, stack } = (failure ?? {}) as Error & { code?: string; parent?: { code?: string } }
  const frames = stack?.split('\n').filter((line) => line.startsWith('    at ')) ?? []
  console.error(
    [`${new Date().toISOString()} ${where}: ${name} ${parent?.code ?? code ?? ''}`.trim(), ...frames].join('\n'),
  )
}
