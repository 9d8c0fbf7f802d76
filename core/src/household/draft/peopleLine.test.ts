import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { MeasureSystem } from '../../quantity/format'
import { emptyPerson, type PersonDraft } from './draft'
import { peopleLine } from './peopleLine'

const read = (text: string, system: MeasureSystem = 'us') => peopleLine(text, [], system)
const known = ({ name, age, height, weight }: PersonDraft) => [name, age, height, weight]
const people = (text: string, system?: MeasureSystem) => read(text, system).map(({ person }) => known(person!))
const one = (text: string, system?: MeasureSystem) => people(text, system)[0]
const means = (text: string) => read(text).flatMap(({ pieces }) => pieces.map((piece) => piece.means ?? '?'))

describe('people in one line', () => {
  it('a name and an age; more after each comma', () =>
    expect(people('Ro 43, Mi 41')).toEqual([
      ['Ro', '43', '', ''],
      ['Mi', '41', '', ''],
    ]))
  it('what is known of them in any order, with units or without', () => {
    for (const text of [
      "Ro 36 6'3 210",
      "6'3 210 36 Ro",
      'Ro 210 lb 36 years 6 ft 3',
      'Ro 36 210 75 in',
      "210 Ro 6'3 36",
    ])
      expect([text, known(read(text)[0]!.person!).map((field) => field.replace(' lb', ''))]).toEqual([
        text,
        ['Ro', '36', text.includes('75 in') ? '75 in' : text.includes('ft') ? '6 ft 3' : "6'3", '210'],
      ])
  })
  it('three bare numbers are age, height and weight, whichever of the two comes first', () => {
    expect(one('Ro 36 75 210')).toEqual(['Ro', '36', '75', '210'])
    expect(one('Ro 36 210 75')).toEqual(['Ro', '36', '75', '210'])
    expect(means('Ro 36 75 210')).toEqual(['name', '36 years', '6 ft 3 in', '210 lb'])
  })
  it('in metric a number no one is old is a height, the other a weight', () => {
    expect(one('Ro 36 191 95', 'metric')).toEqual(['Ro', '36', '191 cm', '95 kg'])
    expect(one('Ta 9 30', 'metric')).toEqual(['Ta', '9', '', '30 kg'])
    expect(one('Ro 36 1.91 m 95 kg')).toEqual(['Ro', '36', '1.91 m', '95 kg'])
  })
  it('ages alone are children, called by their age; two of an age are told apart', () =>
    expect(people('9, 6, 6, 1, 40').map(([name, age]) => [name, age])).toEqual([
      ['Child 9', '9'],
      ['Child 6', '6'],
      ['Child 6 (2)', '6'],
      ['Baby', '1'],
      ['Adult', '40'],
    ]))
  it('months are part of a year', () => expect(one('Li 8 months')).toEqual(['Li', '0.7', '', '']))
  it('a guest who climbs no ladder, in any order', () => {
    for (const text of ['guest 70 no ladder', '70 no ladder guest', 'no ladder, guest 70'.replace(', ', ' ')])
      expect(read(text)[0]!.person).toMatchObject({ name: 'Guest 70', age: '70', guest: true, climbs: false })
  })
  it('what they need', () => {
    expect(read('Ro 61 cpap up at night wheelchair')[0]!.person!.needs).toEqual(['cpap', 'night trips', 'wheelchair'])
    expect(read('Mi 34 f works')[0]!.person).toMatchObject({ sex: 'female', needs: ['work place'] })
  })
  it('two joined share a bed, both of them; a third does not take one away', () => {
    const [ro, mi, ta] = read('Ro 43 & Mi 41 + Ta 9').map(({ person }) => person!) as [
      PersonDraft,
      PersonDraft,
      PersonDraft,
    ]
    expect([ro.partner, mi.partner, ta.partner]).toEqual([mi.id, ro.id, ''])
  })
  it('ids and made-up names are those of nobody who is there already', () => {
    const there = { ...emptyPerson([]), name: 'Child 9' }
    const [{ person }] = peopleLine('9', [there]) as { person: PersonDraft }[] as [{ person: PersonDraft }]
    expect(person).toMatchObject({ name: 'Child 9 (2)' })
    expect(person.id).not.toBe(there.id)
  })
  it('what nobody understands is shown as such, and taken for nothing', () => {
    expect(means('Ro 43 #!?')).toEqual(['name', '43 years', '?'])
    expect(one('Ro 43 #!?')).toEqual(['Ro', '43', '', ''])
    expect(read(' , ;  & ')).toEqual([])
  })
  it('a family of five is said in fewer than ninety keys', () => {
    const line = "Ro 43 6'1 205 & Mi 41 5'6 150, Ta 12, Bo 9, Li 6"
    expect(line.length).toBeLessThan(60)
    expect(people(line).map(([name]) => name)).toEqual(['Ro', 'Mi', 'Ta', 'Bo', 'Li'])
  })
  it('what has the form of a figure and is none is nobody’s, and costs nothing else that was typed', () => {
    expect(one("Ro 43 5'13 205")).toEqual(['Ro', '43', '', '205'])
    expect(one('Ro 43 2.400 kg')).toEqual(['Ro', '43', '', ''])
  })
  it('every letter that was typed stands in a piece, in order; nobody is called or numbered as another', () =>
    fc.assert(
      fc.property(fc.stringMatching(/^[A-Za-z0-9 ,'."&+;#-]{0,40}$/), (text) => {
        const found = read(text)
        const letters = (all: string) => all.replace(/\band\b/g, '').replace(/[\s,;&+]/g, '')
        expect(letters(found.flatMap(({ pieces }) => pieces.map((piece) => piece.text)).join(' '))).toBe(letters(text))
        const persons = found.flatMap(({ person }) => person ?? [])
        expect(new Set(persons.map(({ id }) => id)).size).toBe(persons.length)
        const made = persons.filter(({ name }) => /^(Adult|Child|Baby|Guest)/.test(name)).map(({ name }) => name)
        expect(new Set(made).size).toBe(made.length)
      }),
      { numRuns: 400 },
    ))
})
