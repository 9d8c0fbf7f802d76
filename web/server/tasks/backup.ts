import { createWriteStream, renameSync, rmSync } from 'node:fs'
import { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import { createGzip } from 'node:zlib'
import { archiveLines, checkArchive } from '../db/archive'
import { database, disconnect } from '../db/database'
import { linesOf } from './archiveFile'
import { stop } from './askPassword'
import './ready'

/** backup FILE: all that the house has put in, into one file, which is read again from the disk before it gets its name. */
const [file] = process.argv.slice(2)
if (!file) stop('Say where to: npm run backup -- FILE.gz')
const begun = `${file}.begun`
const withEnds = async function* () {
  for await (const line of archiveLines(database())) yield `${line}\n`
}
// Cut short it leaves nothing.
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const)
  process.once(signal, () => {
    rmSync(begun, { force: true })
    stop('Nothing was kept: the backup was cut short.')
  })
try {
  await pipeline(Readable.from(withEnds()), createGzip(), createWriteStream(begun, { mode: 0o600, flush: true }))
  const rows = await checkArchive(linesOf(begun))
  renameSync(begun, file)
  console.log(
    `Kept in ${file}: ${Object.entries(rows)
      .map(([table, count]) => `${count} ${table}`)
      .join(', ')}`,
  )
} catch (failure) {
  rmSync(begun, { force: true })
  stop(`Nothing was kept: ${(failure as Error).message}`)
}
await disconnect()
