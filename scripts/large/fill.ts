import { hashPassword } from '../../web/server/auth/password'
import { addAccount } from '../../web/server/db/accounts'
import { database, disconnect, inTransaction } from '../../web/server/db/database'
import { addHouseholds } from '../../web/server/db/households'
import { migrate } from '../../web/server/db/migrate'
import { saveTrailers } from '../../web/server/db/trailers'
import { DEMO_PEOPLE } from '../../web/server/demoPeople'
import { householdsLikeTheDemos, unitsLikeTheDemos } from './lot'

/** Fills an empty database with a lot of the size that is given: `fill.ts 500 200`. */
const [units, households] = process.argv.slice(2).map(Number) as [number, number]
await migrate(database())
for (const person of DEMO_PEOPLE) await addAccount({ ...person, passwordHash: await hashPassword(crypto.randomUUID()) })
await inTransaction((transaction) => saveTrailers(unitsLikeTheDemos(units), null, transaction))
await inTransaction((transaction) => addHouseholds(householdsLikeTheDemos(households), null, transaction))
await disconnect()
