import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gzipSync } from 'node:zlib'
import { afterAll, describe, expect, it } from 'vitest'
import { linesOf } from './archiveFile'

const folder = mkdtempSync(join(tmpdir(), 'hitchet-archive-'))
afterAll(() => rmSync(folder, { recursive: true }))

async function read(name: string, bytes: Uint8Array): Promise<string[]> {
  const file = join(folder, name)
  writeFileSync(file, bytes)
  const lines: string[] = []
  for await (const line of linesOf(file)) lines.push(line)
  return lines
}

describe('a packed archive', () => {
  it('is read line by line', async () => {
    expect(await read('good', gzipSync('{"a":"é"}\n{"b":2}\n'))).toEqual(['{"a":"é"}', '{"b":2}'])
    expect(await read('empty', gzipSync(''))).toEqual([])
  })

  it('that unpacks into one line without an end is given up on', async () => {
    const bomb = gzipSync(Buffer.alloc(80 * 2 ** 20, 'a'))
    expect(bomb.length).toBeLessThan(200_000)
    await expect(read('bomb', bomb)).rejects.toThrow('a line that is longer than any that Hitchet writes')
  })

  it('that is none, is cut short, or is not there is told', async () => {
    await expect(read('none', Buffer.from('hello'))).rejects.toMatchObject({ code: 'Z_DATA_ERROR' })
    const whole = gzipSync('{"a":1}\n'.repeat(1_000))
    await expect(read('cut', whole.subarray(0, whole.length - 9))).rejects.toMatchObject({ code: 'Z_BUF_ERROR' })
    await expect(linesOf(join(folder, 'nowhere')).next()).rejects.toMatchObject({ code: 'ENOENT' })
  })
})
