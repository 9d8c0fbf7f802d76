import { handler } from '../../../../../../server/http/handler'
import { rowsFor } from '../../../../../../server/services/matchRows'

/** Rows of a household's match by the ids of their first units, with commas between. */
export const GET = handler<{ id: string; units: string }>('see families', async ({ params: { id, units } }) => ({
  rows: await rowsFor(id, units.split(',').slice(0, MOST)),
}))

/** More than one asks for at once. */
const MOST = 60
