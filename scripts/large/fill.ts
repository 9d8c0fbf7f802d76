import { QueryTypes } from 'sequelize'
import { hashPassword } from '../../web/server/auth/password'
import { addAccount } from '../../web/server/db/people/accounts'
import { connect, database, disconnect, inTransaction } from '../../web/server/db/database'
import { addHouseholds } from '../../web/server/db/households'
import { migrate } from '../../web/server/db/migrate'
import { saveTrailers } from '../../web/server/db/trailers'
import { DEMO_PEOPLE } from '../../web/server/demoPeople'
import { emailOf, PASSWORD } from '../mixed/people'
import { householdsLikeTheDemos, unitsLikeTheDemos } from './lot'

/** Makes the database of DATABASE_URL anew, beside the one named hitchet, with a lot of the size that is given: `fill.ts 500 200 50`. */
const [units, households, people = 0] = process.argv.slice(2).map(Number) as [number, number, number?]
const url = process.env.DATABASE_URL!
const beside = connect(url.replace(/\w+$/, 'hitchet'))
await beside.query(`CREATE OR REPLACE DATABASE ${/\w+$/.exec(url)![0]} CHARACTER SET utf8mb4`, { type: QueryTypes.RAW })
await beside.close()
await migrate(database())
for (const person of DEMO_PEOPLE) await addAccount({ ...person, passwordHash: await hashPassword(crypto.randomUUID()) })
const passwordHash = await hashPassword(PASSWORD)
for (let i = 0; i < people; i++)
  await addAccount({ name: `Person ${i}`, email: emailOf(i), role: 'consultant', passwordHash })
await inTransaction((transaction) => saveTrailers(unitsLikeTheDemos(units), null, transaction))
await inTransaction((transaction) => addHouseholds(householdsLikeTheDemos(households), null, transaction))
await disconnect()
