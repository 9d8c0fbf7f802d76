/** Whether the program runs, whatever its database does: who is not live is started again, who is not ready is waited for. */
export const GET = (): Response => Response.json({ live: true }, { headers: { 'cache-control': 'no-store' } })

export const dynamic = 'force-dynamic'
