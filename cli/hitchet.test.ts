import { spawnSync } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, describe, expect, it } from 'vitest'

const ROOT = join(import.meta.dirname, '..')
const folder = mkdtempSync(join(tmpdir(), 'hitchet-cli-'))
afterAll(() => rmSync(folder, { recursive: true, force: true }))

const hitchet = (...args: string[]) => {
  const { stdout, stderr, status } = spawnSync(process.execPath, ['--import', 'tsx', 'cli/hitchet.ts', ...args], {
    cwd: ROOT,
    encoding: 'utf8',
  })
  return { stdout, stderr, status }
}
const spoiledFile = (name: string, spoil: (document: any) => void) => {
  const document = JSON.parse(readFileSync(join(ROOT, 'demo/yard/t-118-marrowby-27-db.json'), 'utf8'))
  spoil(document)
  const path = join(folder, name)
  writeFileSync(path, JSON.stringify(document))
  return path
}

describe('hitchet check', () => {
  it('finds the demo good', () => {
    const { stdout, status } = hitchet('check', 'demo/yard', 'demo/households')
    expect(stdout).toMatch(/^(\d+) of \1 files are good\.\n$/)
    expect(status).toBe(0)
  })

  it('says of each bad file where, what and what would be right, without a stack trace, and exits with 1', () => {
    writeFileSync(join(folder, 'not.json'), '{ not json')
    const files = [
      join(folder, 'not.json'),
      join(folder, 'nowhere.json'),
      spoiledFile('key.json', (d) => (d.color = 'red')),
      spoiledFile('weights.json', (d) => (d.readings.gvwr[0].value = 4000)),
      spoiledFile('version.json', (d) => (d.version = 7)),
    ]
    const { stdout, stderr, status } = hitchet('check', ...files)
    expect(status).toBe(1)
    expect(stdout).toBe('0 of 5 files are good.\n')
    const lines = stderr.trim().split('\n')
    expect(lines).toEqual([
      expect.stringMatching(/not\.json: error: the document: found .*right would be JSON/),
      expect.stringMatching(/nowhere\.json: error: the document: found .*a file that can be read \(ENOENT\)/),
      expect.stringMatching(/key\.json: error: color: found "red"; right would be one of the keys/),
      expect.stringMatching(
        /weights\.json: error: readings\.gvwr: found 4000; right would be at least the UVW of 5,980 lb/,
      ),
      expect.stringMatching(/version\.json: error: version: found 7; right would be a version from 1 to 2/),
    ])
  })
})

describe('hitchet rank', () => {
  const rank = (household: string, ...more: string[]) =>
    hitchet('rank', '--stock', 'demo/yard', '--household', `demo/households/${household}.json`, ...more)

  it('prints verdicts, margins, reasons and who sleeps where as JSON', () => {
    const { units } = JSON.parse(rank('okoro-lindt', '--json').stdout) as { units: any[] }
    const best = units[0]
    expect(best.standing).toBe('fits')
    expect(Object.keys(best.answers)).toEqual([
      'sleep',
      'exits',
      'reach',
      'tow',
      'stay',
      'season',
      'power',
      'park',
      'bath',
      'galley',
      'seating',
      'stow',
      'wishes',
      'price',
    ])
    expect(best.answers.sleep.because[0].says).toMatch(/^All 6 have a berth: /)
    expect(best.berths.everyNight.flatMap((one: any) => one.people).sort()).toEqual([
      'Bo',
      'Efe',
      'June',
      'Lina',
      'Noor',
      'Tayo',
    ])
    // Six people cannot lie in a wet-bath tiny, whatever its sheet says.
    expect(units.find(({ stock }) => stock === 'T-101').answers.sleep).toMatchObject({ verdict: 'no' })
  })

  it('a family of seven behind a mid-size SUV is told the truth: it pulls none that sleeps them', () => {
    const { units } = JSON.parse(rank('ferrand-nunn', '--json').stdout) as { units: any[] }
    expect(units.some(({ standing }) => standing === 'fits')).toBe(false)
    for (const { answers } of units) expect(answers.sleep.verdict === 'no' || answers.tow.verdict === 'no').toBe(true)
  })

  it('says what the screen says: causes, the next best, what would let all in', () => {
    const { units } = JSON.parse(rank('ferrand-nunn', '--json').stdout) as { units: any[] }
    const { answers, sleeping } = units.find(({ stock }) => stock === 'T-107')
    expect(answers.sleep.because[0].says).toMatch(/^No berth is left for Arlo \(6 ft\): the .* too short/)
    expect(sleeping.nights[0]).toMatchObject({
      night: 'Every night',
      most: expect.stringMatching(/^At most \w+ of them/),
    })
    expect(rank('ferrand-nunn').stdout).toMatch(/Every night: It would sleep them (if|with) /)
    const couple = JSON.parse(rank('underhay', '--json').stdout) as { units: any[] }
    expect(couple.units.some(({ sleeping: { nights } }) => /^Next best: /.test(nights[0].next))).toBe(true)
  })

  it('as text, with the cautions at its end', () => {
    const { stdout, status } = rank('salka')
    expect(status).toBe(0)
    expect(stdout).toMatch(/^For Dorian Salka:\n1\. T-\d+ /)
    expect(stdout).toMatch(/Can they pull it\? (FITS|TIGHT)/)
    expect(stdout).toContain('An estimate, not a rating.')
  })

  it('a bad household file is an error and not a ranking', () => {
    const { stdout, stderr, status } = hitchet('rank', '--stock', 'demo/yard', '--household', 'package.json')
    expect([stdout, status]).toEqual(['', 1])
    expect(stderr).toMatch(/package\.json: error: format: missing; right would be "hitchet\/household"/)
  })
})
