import { createReadStream, createWriteStream, renameSync, rmSync } from 'node:fs'
import { createInterface } from 'node:readline'
import { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import { createGunzip, createGzip } from 'node:zlib'
import { archiveLines, checkArchive } from '../db/archive'
import { database, disconnect } from '../db/database'
import { stop } from './askPassword'
import './ready'

/** backup FILE: all that the house has put in, into one file, which is read again from the disk before it gets its name. */
const [file] = process.argv.slice(2)
if (!file) stop('Say where to: npm run backup -- FILE.gz')
const begun = `${file}.begun`
const withEnds = async function* () {
  for await (const line of archiveLines(database())) yield `${line}\n`
}
try {
  await pipeline(Readable.from(withEnds()), createGzip(), createWriteStream(begun, { mode: 0o600, flush: true }))
  const rows = await checkArchive(createInterface({ input: createReadStream(begun).pipe(createGunzip()) }))
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
