import { handler } from '../../../../server/http/handler'
import { followUpCalendar } from '../../../../server/services/calendar'

/** What is due, as a calendar file. */
export const GET = handler(
  'see families',
  async ({ origin }) =>
    new Response(await followUpCalendar(origin()), {
      headers: {
        'content-type': 'text/calendar; charset=utf-8',
        'content-disposition': 'attachment; filename="follow-ups.ics"',
        'cache-control': 'private, no-store',
      },
    }),
)
