import { isReady } from '../../../server/services/readiness'

/** Whether the program runs, and whether it can answer: its database does. Says nothing else, so strangers may ask. */
export async function GET(): Promise<Response> {
  const ready = await isReady()
  return Response.json({ live: true, ready }, { status: ready ? 200 : 503, headers: { 'cache-control': 'no-store' } })
}

export const dynamic = 'force-dynamic'
