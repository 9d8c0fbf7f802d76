import { ConnectionError } from 'sequelize'
import { database, disconnect } from '../db/database'
import { migrate } from '../db/migrate'

try {
  const ran = await migrate(database())
  if (ran.length) console.log(`Database brought to today's tables: ${ran.join(', ')}`)
} catch (failure) {
  if (!(failure instanceof ConnectionError)) throw failure
  const { hostname, port, pathname } = new URL(process.env.DATABASE_URL!)
  console.error(
    `Hitchet cannot start: the database ${pathname.slice(1)} at ${hostname}:${port || 3306} does not let us in. ${failure.message}`,
  )
  process.exitCode = 1
}
await disconnect()
