import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { draftOf, emptyDraft } from '@hitchet/core/household/draft/draft'
import { readDraft } from '@hitchet/core/household/draft/draftSchema'
import { household, person } from '@hitchet/core/testing/someone'
import { deviceStore } from './deviceStore'

/** As a browser's, and as one that is full. */
class Storage {
  readonly held = new Map<string, string>()
  full = false
  getItem = (name: string) => this.held.get(name) ?? null
  removeItem = (name: string) => void this.held.delete(name)
  setItem = (name: string, text: string) => {
    if (this.full) throw new DOMException('full', 'QuotaExceededError')
    this.held.set(name, text)
  }
}

let storage: Storage
beforeEach(() => vi.stubGlobal('localStorage', (storage = new Storage())))
afterEach(() => void vi.unstubAllGlobals())

const notes = () =>
  deviceStore<{ text: string }>({
    kind: 'note',
    version: 2,
    read: (value, version) => {
      const text = version < 2 ? value : (value as { text?: unknown } | null)?.text
      return typeof text === 'string' ? { text } : undefined
    },
  })

describe('what a device keeps', () => {
  it('is there again, and gone when it is forgotten', () => {
    expect(notes().keep('a', { text: 'hello' })).toBe(true)
    expect(notes().find('a')).toEqual({ value: { text: 'hello' } })
    expect(notes().find('b')).toBeUndefined()
    notes().forget('a')
    expect(notes().find('a')).toBeUndefined()
  })

  it('from an older program is read as it is today', () => {
    storage.setItem('hitchet:note:a', '"bare"')
    expect(notes().find('a')).toEqual({ value: { text: 'bare' } })
    storage.setItem('hitchet:note:a', '{"form":1,"value":"numbered"}')
    expect(notes().find('a')).toEqual({ value: { text: 'numbered' } })
  })

  it.each(['{"form":2,"value":{"text":7}}', '{"half', 'null', '[]'])(
    '%s is put aside with words, never thrown',
    (text) => {
      storage.setItem('hitchet:note:a', text)
      const store = notes()
      expect(store.find('a')).toEqual({ aside: true })
      expect(store.trouble('a')).toContain('put aside')
      expect(storage.held).toEqual(new Map([['hitchet:aside:note:a', text]]))
    },
  )

  it('a storage that is full is said, until it keeps again', () => {
    const store = notes()
    const heard = vi.fn()
    store.subscribe(heard)
    storage.full = true
    expect(store.keep('a', { text: 'lost?' })).toBe(false)
    expect(store.trouble('a')).toContain('Save before you leave')
    storage.full = false
    expect(store.keep('a', { text: 'kept' })).toBe(true)
    expect(store.trouble('a')).toBeUndefined()
    expect(heard).toHaveBeenCalledTimes(2)
  })

  it('where storage is forbidden altogether nothing is thrown', () => {
    vi.stubGlobal('localStorage', undefined)
    expect(notes().find('a')).toBeUndefined()
    expect(notes().keep('a', { text: 'x' })).toBe(false)
    notes().forget('a')
  })
})

describe('a draft that was kept', () => {
  const full = draftOf(household([person({ name: 'Ro' })]))

  it('is read as it was', () => {
    expect(readDraft(JSON.parse(JSON.stringify(full)))).toEqual(full)
    expect(readDraft(emptyDraft())).toEqual(emptyDraft())
  })

  it('before crates, keeping and some ratings were asked is filled up as a new one', () => {
    const old = JSON.parse(JSON.stringify(full)) as Record<string, never>
    const [ro] = old.people as unknown as Record<string, unknown>[]
    delete ro!.needs
    delete ro!.seldom
    delete (old.vehicle as unknown as { ratings: Record<string, unknown> }).ratings.gcwr
    delete old.pets
    delete old.notes
    expect(readDraft(old)).toEqual({
      ...full,
      pets: [],
      notes: '',
      vehicle: { ...full.vehicle, ratings: { ...full.vehicle.ratings, gcwr: { value: '', source: 'label' } } },
    })
  })

  it.each([
    ['nothing', undefined],
    ['a text', 'draft'],
    ['no people', { ...full, people: [] }],
    ['people that are none', { ...full, people: ['Ro'] }],
    ['a height that is a number', { ...full, people: [{ ...full.people[0], height: 70 }] }],
    ['a rating without its text', { ...full, vehicle: { ...full.vehicle, ratings: { gcwr: { source: 'label' } } } }],
    ['a stance that is a list', { ...full, stances: { tub: ['want'] } }],
  ])('%s is no draft', (_, kept) => expect(readDraft(kept)).toBeUndefined())
})
