import { DEFAULT_HOUSE_RULES as RULES } from '@hitchet/core/rules/houseRules'
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { QueryTypes } from 'sequelize'
import { describe, expect, it, vi } from 'vitest'
import { documentText } from '@hitchet/core/formats/document'
import { factSheet } from '@hitchet/core/match/factSheet'
import { household, person } from '@hitchet/core/testing/someone'
import { unit } from '@hitchet/core/testing/unit'
import { addAccount } from '../db/people/accounts'
import { database } from '../db/database'
import { allHouseholds } from '../db/households'
import { factsFrom } from '../db/factsText'
import { yardFacts } from './cache/facts'
import { allTrailers, trailersByStock } from '../db/trailers'
import type { ImportProgress } from '../../contracts/importing'
import { ownDatabase } from '../testing/database'
import { importFiles } from './importing'
import { takeReading } from './trailers'

ownDatabase('importing')

const DEMO = join(import.meta.dirname, '../../../demo')
const demo = (folder: string) =>
  readdirSync(join(DEMO, folder)).map((name) => ({ name, text: readFileSync(join(DEMO, folder, name), 'utf8') }))
const file = (name: string, document: object) => ({ name, text: documentText(document as never) })
const strict = { keepGood: false, by: null }

describe('bringing files in', () => {
  it('takes the demo yard and households whole', async () => {
    const report = await importFiles([...demo('yard'), ...demo('households')], strict)
    expect(report).toMatchObject({ done: true, errors: [], renewed: [] })
    expect(report.added).toHaveLength(demo('yard').length)
    expect(report.households.added).toHaveLength(demo('households').length)
    expect(await allTrailers()).toHaveLength(demo('yard').length)
  })

  it('one bad file keeps all out, and says which, where and what would be right', async () => {
    const before = [(await allTrailers()).length, (await allHouseholds()).length]
    const report = await importFiles(
      [
        file('good.json', { ...unit(), stock: 'N-1' }),
        { name: 'bad.json', text: JSON.stringify({ ...unit(), stock: 'N-2', year: 'new' }) },
        file('people.json', household([person()])),
      ],
      strict,
    )
    expect(report).toMatchObject({ done: false, added: [], households: { added: [], renewed: [], unchanged: [] } })
    expect(report.errors).toEqual([expect.stringMatching(/^bad\.json: Year: found “new”; right would be a number/)])
    expect([(await allTrailers()).length, (await allHouseholds()).length]).toEqual(before)
  })

  it('unless one chooses to keep the good ones', async () => {
    const report = await importFiles(
      [file('good.json', { ...unit(), stock: 'N-3' }), { name: 'bad.json', text: '{' }],
      { keepGood: true, by: null },
    )
    expect(report).toMatchObject({ done: true, added: ['N-3'] })
    expect(report.errors).toHaveLength(1)
  })

  it('a file that nobody expected is named, and costs the others nothing', async () => {
    const hostile = '<!DOCTYPE svg [<!ENTITY a SYSTEM "file:///etc/passwd">]><svg>&a;</svg>'
    const odd = unit()
    Object.assign(odd.plan.fixtures, [{ id: 'x', kind: 'constructor', shape: { rect: [1, 1, 2, 2] } }])
    const report = await importFiles(
      [
        { name: 'entity.svg', text: hostile },
        { name: 'kind.json', text: JSON.stringify(odd) },
        {
          name: 'deep.json',
          text: `{"format":"hitchet/trailer","version":2,"a":${'['.repeat(9000)}${']'.repeat(9000)}}`,
        },
        file('good.json', { ...unit(), stock: 'N-7' }),
      ],
      { keepGood: true, by: null },
    )
    expect(report).toMatchObject({ done: true, added: ['N-7'] })
    for (const name of ['entity.svg', 'kind.json', 'deep.json']) {
      expect(report.errors.filter((line) => line.startsWith(`${name}: `)).length, name).toBeGreaterThan(0)
    }
  })

  it('a number in other letters is the same unit, which keeps the number in its window', async () => {
    await importFiles([file('a.json', { ...unit(), stock: 'N-8' })], strict)
    const small = await importFiles([file('b.json', { ...unit({}, { askingPrice: 30000 }), stock: 'n-8' })], strict)
    expect(small).toMatchObject({ renewed: ['N-8'], added: [] })
    const [kept] = await trailersByStock(['N-8'])
    expect(kept).toMatchObject({ version: 2, trailer: { stock: 'N-8' } })
    const both = [file('a.json', { ...unit(), stock: 'N-9' }), file('b.json', { ...unit(), stock: 'n-9' })]
    expect((await importFiles(both, strict)).errors).toEqual([expect.stringMatching(/^b\.json: Stock: found “n-9”/)])
  })

  it('the same stock number in two files is an error, not a race', async () => {
    const twice = await importFiles(
      [file('a.json', { ...unit(), stock: 'N-4' }), file('b.json', { ...unit(), stock: 'N-4' })],
      strict,
    )
    expect(twice).toMatchObject({ done: false, errors: [expect.stringMatching(/^b\.json: Stock: found “N-4”/)] })
  })

  it('a stock number that is there becomes its next version, its facts made anew', async () => {
    await importFiles([file('a.json', { ...unit(), stock: 'N-5' })], strict)
    const dearer = { ...unit({}, { askingPrice: 25000 }), stock: 'N-5' }
    expect(await importFiles([file('a.json', dearer)], strict)).toMatchObject({ renewed: ['N-5'], added: [] })
    const [kept] = await trailersByStock(['N-5'])
    expect(kept!.version).toBe(2)
    const facts = (await yardFacts(RULES)).find(({ id }) => id === kept!.id)!
    expect(factsFrom(facts.facts)).toMatchObject({ price: { asking: 25000 } })
  })

  describe('a household that is kept already', () => {
    const they = household([person({ name: 'Ilse', height: 66 }), person({ name: 'Odo' })], {
      name: 'Ilse and Odo Brem',
    })
    const taller = { ...they, people: [{ ...they.people[0]!, height: 67 }, they.people[1]!] }
    const kept = async () =>
      (await allHouseholds()).filter(({ household: { name } }) => name.toLowerCase() === they.name.toLowerCase())
    const bring = (document: object, again?: 'renew' | 'add') =>
      importFiles([file('brem.json', document), file('t.json', { ...unit(), stock: 'N-10' })], { ...strict, again })

    it('is not doubled by the same file', async () => {
      await bring(they)
      expect((await bring(they)).households).toMatchObject({ added: [], renewed: [], unchanged: [{ name: they.name }] })
      expect(await kept()).toHaveLength(1)
    })

    it('is asked about when the file says otherwise, and nothing is written before', async () => {
      const units = (await allTrailers()).length
      const asked = await importFiles(
        [file('brem.json', { ...taller, name: 'ILSE AND ODO BREM' }), file('t.json', { ...unit(), stock: 'N-11' })],
        strict,
      )
      expect(asked).toMatchObject({ done: false, known: [{ file: 'brem.json', id: (await kept())[0]!.id }] })
      expect(await allTrailers()).toHaveLength(units)
      expect((await kept())[0]).toMatchObject({ version: 1, household: { people: [{ height: 66 }, {}] } })
    })

    it('is renewed, or added as another, as one chooses', async () => {
      const [before] = await kept()
      expect((await bring(taller, 'renew')).households.renewed).toEqual([{ id: before!.id, name: they.name }])
      expect(await kept()).toMatchObject([{ id: before!.id, version: 2, household: { people: [{ height: 67 }, {}] } }])
      expect((await bring(they, 'add')).households.added).toHaveLength(1)
      expect(await kept()).toHaveLength(2)
    })

    it('in two of the files at once is an error that names the second', async () => {
      const report = await importFiles([file('a.json', they), file('b.json', taller)], strict)
      expect(report.errors).toEqual([expect.stringMatching(/^b\.json: Name: found “Ilse and Odo Brem”/)])
    })
  })

  it('a file that would take away what was read on the lot is asked about, and nothing is written before', async () => {
    const own = { ...unit(), stock: 'READ-1' }
    await importFiles([file('a.json', own)], strict)
    const { id } = await addAccount({ name: 'Nell', email: 'nell@lot.example', role: 'lot hand', passwordHash: 'x' })
    const nell = { id, name: 'Nell', email: 'nell@lot.example', role: 'lot hand' } as const
    await takeReading('READ-1', { key: 'readings.gvwr', text: '7,600', source: 'label' }, nell, '2026-11-27')
    const bring = (again?: 'renew' | 'add') =>
      importFiles(
        [file('a.json', { ...own, stock: 'read-1' }), file('b.json', { ...unit(), stock: `READ-${again}` })],
        {
          ...strict,
          again,
        },
      )
    const now = async () => (await trailersByStock(['READ-1']))[0]!
    expect(await bring()).toMatchObject({
      done: false,
      knownUnits: [{ file: 'a.json', stock: 'READ-1', lost: ['GVWR'] }],
    })
    expect((await now()).version).toBe(2)
    expect(await bring('add')).toMatchObject({ done: true, added: ['READ-add'], left: ['READ-1'], renewed: [] })
    expect((await now()).version).toBe(2)
    expect(await bring('renew')).toMatchObject({ done: true, renewed: ['READ-1'], left: [] })
    expect((await now()).trailer.readings).toEqual(own.readings)
  })

  it('says how far it is, and may be stopped until the last is stored: then nothing is written', async () => {
    const before = (await allTrailers()).length
    const many = Array.from({ length: 60 }, (_, i) => file(`${i}.json`, { ...unit(), stock: `STOP-${i}` }))
    const stopping = new AbortController()
    const said: ImportProgress[] = []
    const stopped = importFiles(many, {
      ...strict,
      signal: stopping.signal,
      onProgress(progress) {
        said.push(progress)
        if ('stored' in progress && progress.stored === 30) stopping.abort(new Error('That was the wrong folder.'))
      },
    })
    await expect(stopped).rejects.toThrow('That was the wrong folder.')
    expect(said.slice(0, 4)).toEqual([{ read: 25 }, { read: 50 }, { read: 60 }, { stored: 1, of: 60 }])
    expect(await allTrailers()).toHaveLength(before)
  })

  it('files that come in one by one are read before the last is there', async () => {
    let read = 0
    async function* coming() {
      for (let i = 0; i < 50; i++) {
        // The first half was read before the 26th is asked for.
        if (i === 25) expect(read).toBe(25)
        yield file(`${i}.json`, { ...unit(), stock: `COME-${i}` })
      }
    }
    const onProgress = (progress: ImportProgress) => {
      if ('read' in progress) read = progress.read
    }
    expect((await importFiles(coming(), { ...strict, onProgress })).added).toHaveLength(50)
  })

  it('twenty who bring the same files at once: each unit and household is there once, in its first version', async () => {
    const units = Array.from({ length: 8 }, (_, i) => file(`${i}.json`, { ...unit(), stock: `TWENTY-${i}` }))
    const they = household([person({ name: 'Twyla' })], { name: 'Twyla of Twenty' })
    const reports = await Promise.all(
      Array.from({ length: 20 }, (_, i) =>
        importFiles([...(i % 2 ? units : [...units].reverse()), file('they.json', they)], strict),
      ),
    )
    expect(reports.every(({ done }) => done)).toBe(true)
    expect(reports.flatMap(({ added }) => added).sort()).toEqual(units.map((_, i) => `TWENTY-${i}`))
    expect(reports.flatMap(({ renewed }) => renewed)).toEqual([])
    const kept = (await allTrailers()).filter(({ trailer: { stock } }) => stock.startsWith('TWENTY'))
    expect(kept.map(({ version }) => version)).toEqual(units.map(() => 1))
    expect((await allHouseholds()).filter(({ household: { name } }) => name === they.name)).toHaveLength(1)
  })

  it('a save that fails in the middle leaves no half of it', async () => {
    const before = (await allTrailers()).length
    const column = (length: number) =>
      database().query(`ALTER TABLE households MODIFY name VARCHAR(${length}) NOT NULL`, { type: QueryTypes.RAW })
    // The database itself refuses the household's name, after the trailer was written.
    await column(60)
    await expect(
      importFiles(
        [file('t.json', { ...unit(), stock: 'N-6' }), file('h.json', household([person()], { name: 'x'.repeat(80) }))],
        strict,
      ),
    ).rejects.toThrow()
    await column(80)
    expect(await allTrailers()).toHaveLength(before)
  })
})

describe('stored facts', () => {
  it('are those of the trailer, for every unit', async () => {
    const facts = new Map((await yardFacts(RULES)).map(({ id, facts: text }) => [id, factsFrom(text)]))
    for (const { id, trailer } of await allTrailers())
      expect(facts.get(id)).toEqual(JSON.parse(JSON.stringify(factSheet(trailer, RULES))))
  })

  it('made by another program, by other rules or of an older version are made anew, never handed out', async () => {
    const sleepsIn = async (rules = RULES) => (await yardFacts(rules)).map(({ facts }) => 'sleep' in factsFrom(facts))
    const spoil = (set: string) =>
      database().query(`UPDATE trailer_facts SET ${set}, facts = '{}'`, { type: QueryTypes.RAW })
    for (const set of ["facts_key = 'of another program'", 'trailer_version = trailer_version - 1']) {
      await spoil(set)
      expect(new Set(await sleepsIn()), set).toEqual(new Set([true]))
    }
    const wider = { ...RULES, ways: { ...RULES.ways, sideways: 16 } }
    await spoil('trailer_version = trailer_version')
    expect(new Set(await sleepsIn(wider))).toEqual(new Set([true]))
  })

  it('of a unit that is saved while others’ are being made are there for whoever asks then', async () => {
    const own = (await allTrailers())[0]!
    const facts = `trailer_id = (SELECT id FROM trailers WHERE stock = '${own.trailer.stock}')`
    await database().query(`UPDATE trailer_facts SET facts_key = 'stale' WHERE NOT ${facts}`, { type: QueryTypes.RAW })
    const others = yardFacts(RULES)
    // The first of them are stored, the rest are being made: now this one becomes stale.
    const left = async () =>
      Number(
        (
          await database().query<{ n: number }>("SELECT COUNT(*) AS n FROM trailer_facts WHERE facts_key = 'stale'", {
            type: QueryTypes.SELECT,
          })
        )[0]!.n,
      )
    const all = await left()
    await vi.waitFor(async () => expect(await left()).toBeLessThan(all), { timeout: 200_000 })
    await database().query(`UPDATE trailer_facts SET facts_key = 'stale' WHERE ${facts}`, { type: QueryTypes.RAW })
    expect(await yardFacts(RULES, own.id)).toHaveLength(1)
    await others
  })

  it('and are kept while only a threshold moves that is not in them', async () => {
    const [first] = await yardFacts(RULES)
    const stricter = { ...RULES, price: { ...RULES.price, tightShare: 0.15 } }
    const written = () => database().query('SELECT facts_key FROM trailer_facts', { type: QueryTypes.SELECT })
    const before = await written()
    expect((await yardFacts(stricter))[0]).toEqual(first)
    expect(await written()).toEqual(before)
  })
})
