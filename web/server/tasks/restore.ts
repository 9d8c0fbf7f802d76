import { checkArchive, erasedIn, restoreArchive } from '../db/archive'
import { database, disconnect } from '../db/database'
import { linesOf } from './archiveFile'
import { stop } from './askPassword'
import './ready'

/**
 * restore FILE [LATER ...]: an archive into the database that DATABASE_URL names, which must have nothing in it yet. Of later
 * archives only who was erased is read: they are erased again.
 */
const [file, ...later] = process.argv.slice(2)
if (!file) stop('Say from where: npm run restore -- FILE.gz')
try {
  // To its end first: half an archive touches nothing.
  await checkArchive(linesOf(file))
  const erased = new Set<string>()
  for (const one of later) for (const id of await erasedIn(linesOf(one))) erased.add(id)
  const rows = await restoreArchive(database(), linesOf(file), [...erased])
  console.log(
    `Restored, and every row compared: ${Object.entries(rows)
      .map(([table, count]) => `${count} ${table}`)
      .join(', ')}`,
  )
} catch (failure) {
  const { message, code } = failure as Error & { code?: string }
  stop(
    `Nothing was restored: ${code?.startsWith('Z_') ? `${file} is no archive of Hitchet, or only a part of one` : message}`,
  )
}
await disconnect()
