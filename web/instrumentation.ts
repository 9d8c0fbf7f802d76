/** When a process begins to serve: what was left open while none did, or was made by an older program, is reckoned. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return
  const { keepUp } = await import('./server/services/kept')
  keepUp('anything')
}
