import { mkdtempSync, rmSync, utimesSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { USUAL_SITES } from '@hitchet/core/parks/site'
import { afterAll, describe, expect, it } from 'vitest'
import { parks } from './parks'

const folder = mkdtempSync(join(tmpdir(), 'hitchet-parks-'))
afterAll(() => rmSync(folder, { recursive: true, force: true }))
const file = join(folder, 'parks.csv')

describe('the table of sites', () => {
  it('is the made-up one until the dealership has its own, and theirs as soon as it changes', () => {
    expect(parks(undefined)).toEqual({ rows: USUAL_SITES, madeUp: true })
    writeFileSync(file, 'park,loop,length\nOwn Meadow,A,45 ft')
    expect(parks(file)).toEqual({ rows: [{ park: 'Own Meadow', loop: 'A', length: 540 }], madeUp: false })
    writeFileSync(file, 'park,loop,length\nOwn Meadow,A,50 ft')
    utimesSync(file, new Date(), new Date(Date.now() + 5_000))
    expect(parks(file).rows[0]!.length).toBe(600)
  })

  it('a bad row or no file keeps the made-up one, and says why', () => {
    writeFileSync(file, 'park,loop,length\nOwn Meadow,A,far')
    utimesSync(file, new Date(), new Date(Date.now() + 10_000))
    expect(parks(file).trouble).toMatch(/not used: row 2, length: found "far"; right would be/)
    writeFileSync(file, Buffer.from('park,loop,length\nSan José,A,45 ft', 'latin1'))
    utimesSync(file, new Date(), new Date(Date.now() + 15_000))
    expect(parks(file).trouble).toMatch(/not used: line 2: found .*San Jos.*; right would be letters in UTF-8/)
    expect(parks(join(folder, 'none.csv'))).toMatchObject({
      madeUp: true,
      trouble: expect.stringMatching(/cannot be read/),
    })
  })
})
