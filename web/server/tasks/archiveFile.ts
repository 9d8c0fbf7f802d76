import { createReadStream } from 'node:fs'
import { createInterface, type Interface } from 'node:readline'
import { Transform, pipeline } from 'node:stream'
import { createGunzip } from 'node:zlib'

/** Longer than any line that an archive of ours has, bytes: a few kilobytes can be made to unpack into more than a machine holds. */
const LONGEST = 64 * 2 ** 20

/** The lines of a packed archive; what is wrong with the file is thrown where they are read. */
export async function* linesOf(file: string): AsyncGenerator<string> {
  const whole = checked()
  let wrong: Error | undefined
  const lines: Interface = createInterface({ input: whole, crlfDelay: Infinity })
  pipeline(createReadStream(file), createGunzip(), whole, (failure) => {
    wrong = failure ?? undefined
    lines.close()
  })
  for await (const line of lines) yield line
  if (wrong) throw wrong
}

/** Lets through what has an end of line often enough. */
function checked(): Transform {
  let since = 0
  return new Transform({
    transform(part: Buffer, _, done) {
      const last = part.lastIndexOf(10)
      since = last < 0 ? since + part.length : part.length - last - 1
      if (since > LONGEST) done(new Error('it has a line that is longer than any that Hitchet writes'))
      else done(null, part)
    },
  })
}
