import { isAway } from '../db/away'
import { database } from '../db/database'
import { missingMigrations, NewerDatabase } from '../db/migrate'
import { forgetSoftDeleted } from '../db/softDeleted'
import { openPaperPool } from '../jobs/paper'
import { logLine } from '../log'
import { followHouseRules } from './houseRules'
import { refreshInBackground } from './cache/answerCache'

const A_MINUTE = 60_000

/** A process begins to serve. It ends, in one line, when the database is of another time than the program. */
export async function beginServing(): Promise<void> {
  const why = await whyNot()
  if (why) {
    process.stderr.write(`Hitchet cannot start: ${why}\n`)
    process.exit(1)
  }
  logLine('serving')
  await followHouseRules()
  refreshInBackground('anything')
  openPaperPool()
  setInterval(() => void forgetSoftDeleted().catch(() => {}), A_MINUTE).unref()
}

async function whyNot(): Promise<string | undefined> {
  try {
    const missing = await missingMigrations(database())
    return missing.length
      ? `the database is older than the program; run the migrations first (${missing.join(', ')})`
      : undefined
  } catch (failure) {
    if (failure instanceof NewerDatabase) return failure.message
    // It is away, and may come: pages say so until then.
    if (isAway(failure)) return undefined
    throw failure
  }
}
