import { ConnectionError } from 'sequelize'
import { database, disconnect } from '../db/database'
import { databaseAddress } from '../db/nodes'
import { migrate, NewerDatabase } from '../db/migrate'
import { setAsideUnreadable } from '../services/documents'

try {
  const ran = await migrate(database())
  if (ran.length) console.log(`Database brought to today's tables: ${ran.join(', ')}`)
  const { renewed, setAside } = await setAsideUnreadable()
  if (renewed) console.log(`${renewed} records brought to today's form`)
  if (setAside) console.log(`${setAside} records cannot be read and were put aside: see the office`)
} catch (failure) {
  if (failure instanceof NewerDatabase) cannot(failure.message)
  else if (failure instanceof ConnectionError) {
    const { name, nodes } = databaseAddress(process.env.DATABASE_URL!)
    const at = nodes.map(({ host, port }) => `${host}:${port}`).join(', ')
    cannot(`the database ${name} at ${at} does not let us in. ${failure.message}`)
  } else throw failure
}
await disconnect()

function cannot(why: string): void {
  console.error(`Hitchet cannot start: ${why}`)
  process.exitCode = 1
}
