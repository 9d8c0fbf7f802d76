import { ConnectionError, QueryTypes } from 'sequelize'
import { database, disconnect } from '../db/database'
import { databaseAddress } from '../db/nodes'
import { migrate, NewerDatabase } from '../db/migrate'
import { isLoopback, settings } from '../settings'
import { setAsideUnreadable } from '../services/documents'

/** Whoever starts it hears within seconds what it waits for, ms. */
const FIRST_WORD = 2_500
const NEXT_WORD = 10_000

/** More connections than what Hitchet itself opens: for who looks after the database, and for backups. */
const BESIDES = 4

const address = databaseAddress(process.env.DATABASE_URL!)
const at = address.nodes.map(({ host, port }) => `${host}:${port}`).join(', ')
const waiting = () => console.error(`Waiting for the database ${address.name} at ${at}.`)

try {
  await sayingSo(database().authenticate())
  await sayWhatIsOdd()
  const ran = await migrate(database())
  if (ran.length) console.log(`Database brought to today's tables: ${ran.join(', ')}`)
  const { renewed, setAside } = await setAsideUnreadable()
  if (renewed) console.log(`${renewed} records brought to today's form`)
  if (setAside) console.log(`${setAside} records cannot be read and were put aside: see the office`)
} catch (failure) {
  if (failure instanceof NewerDatabase) cannot(failure.message)
  else if (failure instanceof ConnectionError) {
    cannot(`the database ${address.name} at ${at} does not let us in. ${failure.message}`)
  } else throw failure
}
await disconnect()

/** What works now and will not always. */
async function sayWhatIsOdd(): Promise<void> {
  const { connections, databaseCa } = settings()
  const [row] = await database().query<{ most: number }>('SELECT @@max_connections AS most', {
    type: QueryTypes.SELECT,
  })
  const most = Number(row!.most)
  const fewer = Math.max(0, most - BESIDES)
  if (connections > fewer)
    console.error(
      `The database takes ${most} connections, and Hitchet may open ${connections}: set HITCHET_CONNECTIONS to ${fewer} or ` +
        'fewer, or let the database take more.',
    )
  if (!databaseCa && !address.nodes.every(({ host }) => isLoopback(host)))
    console.error('The database is reached over a network in clear: set HITCHET_DATABASE_CA to its certificate.')
}

/** Says what is waited for, until it is there. */
async function sayingSo(work: Promise<unknown>): Promise<void> {
  let timer = setTimeout(function again() {
    waiting()
    timer = setTimeout(again, NEXT_WORD)
  }, FIRST_WORD)
  await work.finally(() => clearTimeout(timer))
}

function cannot(why: string): void {
  console.error(`Hitchet cannot start: ${why}`)
  process.exitCode = 1
}
