import type { Refusal } from '../contracts/refusal'

/**
 * What came of a request: the server's answer, or why not, with words for the person. `offline`: it never
 * arrived, or its answer did not.
 */
export type Outcome<T> = { ok: true; value: T } | ({ ok: false } & (Refusal | { kind: 'offline'; says: string }))
export type Refused = Extract<Outcome<never>, { ok: false }>

/** Sends JSON to one of our own handlers. Never throws: a dropped connection is an outcome like any other. */
export async function request<T>(
  method: 'GET' | 'POST' | 'PUT' | 'DELETE',
  url: string,
  body?: unknown,
  signal?: AbortSignal,
): Promise<Outcome<T>> {
  try {
    const response = await fetch(url, {
      method,
      signal,
      headers: { 'content-type': 'application/json' },
      body: body === undefined ? undefined : JSON.stringify(body),
    })
    // An answer that was cut short, or given up on while it came, is no answer.
    if (response.ok) return { ok: true, value: (await response.json()) as T }
    return { ok: false, ...(await refusalFrom(response)) }
  } catch {
    const says = 'No connection to the server. What you did is kept here; try again in a moment.'
    return { ok: false, kind: 'offline', says }
  }
}

/** Why an answer is not what was asked for. */
export async function refusalFrom(response: Response): Promise<Refusal> {
  const refusal = (await response.json().catch(() => undefined)) as Refusal | undefined
  return refusal?.kind ? refusal : fault(response.status)
}

/** What a proxy or a crash answers in our place. */
const fault = (status: number): Refusal => ({ kind: 'failed', says: `The server answered ${status}.` })

/** A refusal in one text, with each flaw. */
export const refusalText = (refused: Refused | Refusal): string =>
  refused.kind === 'refused' ? [refused.says, ...refused.flaws].join(' ') : refused.says
