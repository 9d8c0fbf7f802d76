import { v7 as uuid } from 'uuid'
import { beforeEach, describe, expect, it } from 'vitest'
import { household, person } from '@hitchet/core/testing/someone'
import { unit } from '@hitchet/core/testing/unit'
import { best } from '@hitchet/core/readings/reading'
import { sawText, type WalkEvent, type WalkNote } from '@hitchet/core/walk/event'
import { walkEventSchema } from '@hitchet/core/walk/eventSchema'
import { householdById } from '../db/households'
import { addTrailer, trailersByStock } from '../db/trailers'
import { choicesOf, latestWalks, takenWith } from '../db/walkEvents'
import { ownDatabase } from '../testing/database'
import { startHousehold } from './households'
import { takeEvents } from './walkEvents'

ownDatabase('walkevents')

const account = (name: string) => ({ id: uuid(), name, email: `${name}@lot.example`, role: 'consultant' as const })
const [nell, maren] = [account('Nell'), account('Maren')]
let stock = ''
let count = 0
beforeEach(async () => {
  stock = `W-${(count += 1)}`
  await addTrailer({ ...unit(), stock }, null)
})

const event = (what: WalkNote, given: Partial<WalkEvent> = {}): WalkEvent => ({
  id: uuid(),
  stock,
  about: 'Something',
  at: '2026-11-20T10:00:00.000Z',
  what,
  ...given,
})
const reads = (text: string, given: Partial<Extract<WalkNote, { kind: 'reading' }>> = {}): WalkNote => ({
  kind: 'reading',
  key: 'readings.hitchWeight',
  text,
  source: 'measured',
  ...given,
})
const now = async () => (await trailersByStock([stock]))[0]!
const noted = async () => ((await now()).trailer.readings.hitchWeight ?? []).filter(({ by }) => by === 'Nell')

describe('what was noted along a walk', () => {
  it('is a reading of the day on which it was noted, by who noted it, however late it arrives', async () => {
    const [outcome] = await takeEvents([event(reads('455'), { at: '2026-11-03T22:10:00.000Z' })], nell)
    expect(outcome).toMatchObject({ taken: true })
    expect(await noted()).toEqual([{ value: 455, source: 'measured', on: '2026-11-03', by: 'Nell' }])
  })

  it('200 of them sent over and over, by several at once: each is there once', async () => {
    const all = Array.from({ length: 200 }, (_, i) => event(reads(`${400 + i}`)))
    const parts = [all.slice(0, 70), all.slice(50, 130), all.slice(120), all.slice(0, 25), all.slice(90, 110)]
    await Promise.all(parts.map((part) => takeEvents(part, nell)))
    await takeEvents(all, nell)
    const values = (await noted()).map(({ value }) => value)
    expect(values).toHaveLength(200)
    expect([...values].sort()).toEqual(Array.from({ length: 200 }, (_, i) => 400 + i))
    expect((await now()).version).toBe(201)
  })

  it('is taken back by who noted it, and by nobody else: it is then as before', async () => {
    await takeEvents([event(reads('455')), event(reads('470'), { at: '2026-11-20T10:05:00.000Z' })], nell)
    const back: WalkNote = { kind: 'taken back', key: 'readings.hitchWeight' }
    const before = ((await now()).trailer.readings.hitchWeight ?? []).length
    expect(await takeEvents([event(back)], maren)).toMatchObject([
      { taken: false, says: expect.stringContaining('noted yourself') },
    ])
    expect(await takeEvents([event(back)], nell)).toMatchObject([{ taken: true }])
    expect((await noted()).map(({ value }) => value)).toEqual([455])
    await takeEvents([event(back)], nell)
    expect(await noted()).toEqual([])
    expect((await now()).trailer.readings.hitchWeight ?? []).toHaveLength(before - 2)
  })

  it('one that is refused says why, also when it is sent again, and holds up no other', async () => {
    const [wrong, right] = [event(reads('about as heavy as a piano')), event(reads('470'))]
    const first = await takeEvents([wrong, right], nell)
    expect(first).toMatchObject([{ taken: false, says: expect.stringContaining('Not taken') }, { taken: true }])
    expect(await takeEvents([wrong, right], nell)).toEqual(first)
    expect((await noted()).map(({ value }) => value)).toEqual([470])
    expect(await takeEvents([event(reads('1'), { stock: 'T-000' })], nell)).toMatchObject([
      { taken: false, says: 'It is not here any more.' },
    ])
  })

  it('what somebody else noted meanwhile is said, and both are kept', async () => {
    const saw = sawText(best((await now()).trailer.readings.hitchWeight))
    const alone = await takeEvents([event(reads('450', { ...(saw && { saw }) }))], maren)
    expect(alone[0]).toEqual({ id: alone[0]!.id, taken: true })
    const [late] = await takeEvents([event(reads('460', { ...(saw && { saw }) }))], nell)
    expect(late).toMatchObject({
      taken: true,
      says: expect.stringMatching(/^Meanwhile Maren recorded 450 there\. Both are kept/),
    })
    const all = (await now()).trailer.readings.hitchWeight!.map(({ value }) => value)
    expect(all).toEqual(expect.arrayContaining([450, 460]))
  })

  it('none of a kind where somebody noted one meanwhile: what is there stays, and it is said', async () => {
    const thing = (there: boolean): WalkNote => ({ kind: 'thing', thing: 'generator', there })
    await takeEvents([event(thing(true))], maren)
    const [late] = await takeEvents([event(thing(false))], nell)
    expect(late!.says).toContain('That stays')
    expect((await now()).trailer.equipment.some(({ kind }) => kind === 'generator')).toBe(true)
  })

  it('what they like they want from then on; it stands beside the household, once', async () => {
    const { id } = await startHousehold(uuid(), household([person({ id: 'ro', name: 'Ro' })]), nell.id)
    const liked = event(
      { kind: 'reaction', reaction: { subject: { stance: 'tub' }, feels: 'likes', word: 'for the dog' } },
      { household: id },
    )
    await takeEvents([liked], nell)
    await takeEvents([liked], nell)
    const kept = (await householdById(id))!
    expect(kept.household.stances).toEqual({ tub: 'want' })
    expect(kept.household.notes).toBe(`${stock}: A tub, they like it (“for the dog”).`)
    expect(kept.version).toBe(2)
    expect((await takenWith(id, stock)).map(({ event: one }) => one.what)).toEqual([liked.what])
    const gone = event(
      { kind: 'reaction', reaction: { subject: { stance: 'tub' }, feels: 'likes' } },
      { household: uuid() },
    )
    expect(await takeEvents([gone], nell)).toMatchObject([{ taken: false }])
  })

  it('lies behind as walks, the latest first: a day with a household round a unit, without what was refused', async () => {
    const { id } = await startHousehold(
      uuid(),
      household([person({ id: 'ro', name: 'Ro' })], { name: 'The Walkers' }),
      nell.id,
    )
    const on = (day: string, what: WalkNote) => event(what, { household: id, at: `${day}T10:00:00.000Z` })
    const handed = (step: string, done: boolean): WalkNote => ({ kind: 'handed', step, done })
    await takeEvents(
      [
        on('2026-11-10', { kind: 'shown', point: 'sleep: a' }),
        on('2026-11-10', { kind: 'shown', point: 'bath: b' }),
        on('2026-11-12', handed('dump.black', true)),
        on('2026-11-12', handed('dump.black', false)),
        on('2026-11-12', handed('dump.gray', true)),
        event(reads('nothing of the kind'), { household: id, at: '2026-11-13T10:00:00.000Z' }),
      ],
      nell,
    )
    expect((await latestWalks(50)).filter(({ householdId }) => householdId === id)).toEqual([
      { householdId: id, household: 'The Walkers', stock, on: '2026-11-12', shown: 0, reactions: 0, handed: 2 },
      { householdId: id, household: 'The Walkers', stock, on: '2026-11-10', shown: 2, reactions: 0, handed: 0 },
    ])
  })

  it('what is shown of a unit that is not here, or to nobody who is kept, is not taken; no clock notes in the future', async () => {
    const { id } = await startHousehold(uuid(), household([person({ id: 'ro', name: 'Ro' })]), nell.id)
    const shown: WalkNote = { kind: 'shown', point: 'sleep: a' }
    const ahead = event(shown, { household: id, at: '2999-01-01T00:00:00.000Z' })
    expect(
      (
        await takeEvents(
          [event(shown, { household: uuid() }), event(shown, { household: id, stock: 'T-000' }), ahead],
          nell,
        )
      ).map(({ taken }) => taken),
    ).toEqual([false, false, true])
    const [kept] = await takenWith(id, stock)
    expect(Date.parse(kept!.event.at)).toBeLessThanOrEqual(Date.now())
  })

  it('a unit is pinned, set aside or neither: the latest that was said counts, with who said it and why, and is no walk', async () => {
    const { id } = await startHousehold(uuid(), household([person({ id: 'ro', name: 'Ro' })]), nell.id)
    const choice = (stands: 'pinned' | 'set aside' | 'open', at: string, word?: string) =>
      event({ kind: 'choice', stands, ...(word && { word }) }, { household: id, at })
    const before = choice('pinned', '2026-11-10T10:00:00.000Z')
    const after = choice('set aside', '2026-11-11T10:00:00.000Z', 'the step is too high for Ro')
    // Whichever arrives first.
    await takeEvents([after, before], nell)
    expect((await choicesOf(id)).get(stock)).toMatchObject({
      stands: 'set aside',
      word: 'the step is too high for Ro',
      on: '2026-11-11',
    })
    expect((await latestWalks(50)).filter(({ householdId }) => householdId === id)).toEqual([])
    expect(await choicesOf(uuid())).toEqual(new Map())
  })

  it('only what is of the right form comes in: a household where one has to be, ids, dates, known kinds', async () => {
    const right = event(reads('450'))
    expect(await walkEventSchema.isValid(right, { strict: true })).toBe(true)
    for (const wrong of [
      { ...right, id: '7' },
      { ...right, at: 'yesterday' },
      { ...right, about: '' },
      { ...right, what: { ...right.what, kind: 'constructor' } },
      { ...right, what: { kind: 'shown', point: 'sleep' } },
      { ...right, household: uuid(), what: { kind: 'reaction', reaction: { subject: {}, feels: 'likes' } } },
      { ...right, more: 1 },
    ])
      expect(await walkEventSchema.isValid(wrong, { strict: true })).toBe(false)
  })
})
