import { handler } from '../../../../../../server/http/handler'
import { stripOf } from '../../../../../../server/services/strips'

const A_YEAR = 31_536_000

/** A unit's strip as a picture, which whoever shows it keeps: its address names the unit's version. */
export const GET = handler<{ unit: string; version: string; look: string }>(
  'work on the lot',
  async ({ params: { unit, version, look } }) => {
    const { svg, forGood } = await stripOf(unit, version, look)
    return new Response(svg, {
      headers: {
        'content-type': 'image/svg+xml; charset=utf-8',
        'cache-control': forGood ? `private, max-age=${A_YEAR}, immutable` : 'no-store',
        'content-security-policy': "default-src 'none'; style-src 'unsafe-inline'",
      },
    })
  },
)
