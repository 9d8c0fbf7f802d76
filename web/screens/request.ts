/** What came of a request: the server's answer, or words for the person. `status` 0: it never arrived. */
export type Outcome<T> =
  { ok: true; value: T } | { ok: false; status: number; says: string; more: Record<string, unknown> }

/** Sends JSON to one of our own handlers. Never throws: a dropped connection is an outcome like any other. */
export async function request<T>(
  method: 'POST' | 'PUT' | 'DELETE',
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
    const refusal = (await response.json().catch(() => ({}))) as Record<string, unknown> & { says?: string }
    return {
      ok: false,
      status: response.status,
      says: refusal.says ?? `The server answered ${response.status}.`,
      more: refusal,
    }
  } catch {
    return {
      ok: false,
      status: 0,
      says: 'No connection to the server. What you typed is kept here; try again in a moment.',
      more: {},
    }
  }
}
