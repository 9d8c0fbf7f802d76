import type { Instrumentation } from 'next'

/**
 * When a process begins to serve: it ends at once, in one line, when the database is not of its own time; what was left open
 * while none served, or was made by an older program, is reckoned.
 */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return
  const { beginServing } = await import('./server/services/beginning')
  await beginServing()
}

/** What failed while a page was made: where and of what kind, into the log. */
export const onRequestError: Instrumentation.onRequestError = async (failure, { method }, { routePath }) => {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return
  const { logFault } = await import('./server/log')
  logFault(`${method} ${routePath}`, failure)
}
