import { database, disconnect } from '../db/database'
import { migrate } from '../db/migrate'

const ran = await migrate(database())
if (ran.length) console.log(`Database brought to today's tables: ${ran.join(', ')}`)
await disconnect()
