import { describe, expect, it } from 'vitest'
import { factSheet } from '../match/factSheet'
import { rank } from '../match/match'
import { DEFAULT_HOUSE_RULES as RULES } from '../rules/houseRules'
import { chance } from '../testing/assignments'
import { couple, household, person } from '../testing/someone'
import { berth, conversion, fixture, unit } from '../testing/unit'
import { parseAny } from './document'

/** Values that programs stumble over. */
const BAD: unknown[] = [
  null,
  '',
  ' ',
  'constructor',
  '__proto__',
  'toString',
  'name\u0000',
  'k\u00fcche',
  '\ufffd',
  -1,
  0,
  1e9,
  1e308,
  0.1,
  true,
  [],
  {},
  [[[[[]]]]],
  [null],
  { value: {} },
  'x'.repeat(500),
  "6'2",
  '1/0',
  '2.400 kg',
  2026,
]
const documents = [
  unit({
    berths: [berth('bed', 60, 80), berth('booth', 42, 72, { conversion: 'make' })],
    conversions: [conversion('make', { uses: ['booth-1'] })],
    fixtures: [
      fixture('toilet', [200, 20, 19, 22]),
      fixture('booth', [100, 50, 72, 42], { seats: 4 }, { id: 'booth-1' }),
    ],
    slides: [{ id: 's', wall: 'off-door', start: 60, length: 80, depth: 30 }],
  }),
  household([...couple(), person({ age: 9, height: 53, weight: 66, needs: ['crib'] })], {
    gear: [
      { id: 'g', name: 'Grill', count: 1, weight: 30, size: { length: 20, width: 18, height: 14 }, rides: 'trailer' },
    ],
    pets: [{ id: 'd', name: 'Fen', kind: 'dog', weight: 40 }],
  }),
]

/** One thing in it, at any depth, made something else, doubled, renamed or gone. */
function mutated(document: object, random: () => number): unknown {
  const copy = structuredClone(document) as Record<string, unknown>
  let at: Record<string, unknown> = copy
  for (;;) {
    const keys = Object.keys(at)
    const key = keys[Math.floor(random() * keys.length)]
    if (key === undefined) return copy
    const inner = at[key]
    if (inner !== null && typeof inner === 'object' && random() < 0.75) {
      at = inner as Record<string, unknown>
      continue
    }
    const how = random()
    if (how < 0.7) at[key] = BAD[Math.floor(random() * BAD.length)]
    else if (how < 0.8) delete at[key]
    else if (how < 0.9) at[`${key}2`] = inner
    else if (Array.isArray(at)) at.push(structuredClone(inner))
    return copy
  }
}

describe('reading a file never throws', () => {
  it('ten thousand spoiled documents: flaws that name a place, or an answer', () => {
    const random = chance(20261126)
    const [who, what] = [documents[1] as ReturnType<typeof household>, documents[0] as ReturnType<typeof unit>]
    let [good, judged] = [0, 0]
    for (let i = 0; i < 10_000; i++) {
      // As a file would hold it.
      const spoiled = JSON.parse(JSON.stringify(mutated(documents[i % 2]!, random))) as unknown
      const { document, flaws } = parseAny(spoiled)
      if (!document) {
        expect(flaws.length, JSON.stringify(spoiled).slice(0, 300)).toBeGreaterThan(0)
        continue
      }
      good += 1
      // What is taken in is answered; of so many every twentieth.
      if (good % 20) continue
      const [trailer, asking] = 'plan' in document ? [document, who] : [what, document]
      expect(rank([{ id: 'x', facts: factSheet(trailer, RULES) }], asking, RULES)).toHaveLength(1)
      judged += 1
    }
    expect(judged).toBeGreaterThan(50)
  })

  it('nor do cut and spoiled texts', () => {
    const random = chance(26112026)
    const texts = documents.map((one) => JSON.stringify(one))
    for (let i = 0; i < 2_000; i++) {
      const text = texts[i % 2]!
      const at = Math.floor(random() * text.length)
      const cut = [
        text.slice(0, at),
        text.slice(0, at) + '\u0000' + text.slice(at + 1),
        text.slice(at) + text.slice(0, at),
      ]
      for (const one of cut) expect(parseAny(one).flaws).toBeInstanceOf(Array)
    }
  })

  it.each<[string, () => unknown, RegExp]>([
    ['ten thousand levels', () => '['.repeat(10_000) + ']'.repeat(10_000), /one JSON object/],
    [
      'a kind called constructor',
      () => ({ ...documents[0], equipment: [{ id: 'a', kind: 'constructor' }] }),
      /one of fresh-tank/,
    ],
    [
      'three thousand things on one spot',
      () =>
        unit({
          fixtures: Array.from({ length: 3000 }, (_, i) => fixture('cabinet', [10, 10, 30, 30], {}, { id: `f${i}` })),
        }),
      /at most 1000/,
    ],
    [
      'a hundred thousand empty people',
      () => ({ ...documents[1], people: Array.from({ length: 100_000 }, () => ({})) }),
      /at most 1000/,
    ],
  ])('%s', (_, made, expected) => {
    const { document, flaws } = parseAny(made())
    expect(document).toBeUndefined()
    expect(flaws.map((one) => one.expected).join()).toMatch(expected)
  })

  it('a key written twice counts as it was written last', () => {
    const text = JSON.stringify(documents[1]).replace('"name":', '"name":"Other","name":')
    expect(parseAny(text).document).toMatchObject({ name: 'Test household' })
  })

  it('ten pairs of beds that exclude each other, and fourteen people: as many lie as there are beds', () => {
    const places = Array.from({ length: 20 }, (_, i) => i)
    const trailer = unit({
      conversions: places.map((i) => conversion(`c${i}`, { excludes: i % 2 ? [] : [`c${i + 1}`] })),
      berths: places.map((i) =>
        berth('booth', 42, 74, { id: `b${i}`, conversion: `c${i}`, shape: { rect: [10, 10 + i * 90, 74, 42] } }),
      ),
    })
    const people = Array.from({ length: 14 }, (_, i) => person({ age: 30 + i, height: 66 }))
    const [match] = rank([{ id: 'x', facts: factSheet(trailer, RULES) }], household(people), RULES)
    expect(match!.answers.sleep!.margin).toMatchObject({ value: -4, unit: 'person' })
  })
})
