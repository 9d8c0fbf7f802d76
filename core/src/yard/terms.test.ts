import { describe, expect, it } from 'vitest'
import { FEATURES } from '../features/catalogue'
import { phraseText } from '../quantity/phrase'
import { readings } from '../testing/someone'
import { berth, equipment, fixture, standardEquipment, unit } from '../testing/unit'
import type { Trailer } from '../trailer/trailer'
import { filterYard, parseFilter } from './filter'
import { tidy } from './form'
import { TERMS } from '../terms/terms'
import { yardUnit } from './unit'

const understood = (text: string) => parseFilter(text).map(({ says }) => phraseText(says))
const strange = (text: string) => filterYard([yardUnit(unit())], parseFilter(text)).strange

describe('every fact of the catalogues is something to look for', () => {
  it('under each of its names, as itself or as the first that is called so, alone and with `no`', () => {
    for (const { names } of TERMS)
      for (const name of names) {
        const own = parseFilter(name)
        const first = TERMS.find((other) => other.names.some((one) => tidy(one) === tidy(name)))!
        if (/^(slide|bunk)s?$/.test(name)) continue
        expect(
          own.map(({ says }) => phraseText(says)),
          name,
        ).toEqual([first.says])
        expect(understood(`no ${name}`), name).toEqual([`no ${first.says}`])
      }
  })

  it('with a figure before or behind it, where it has one', () => {
    const measured = TERMS.filter(({ unit: of }) => of !== undefined && of !== 'count')
    expect(measured.length).toBeGreaterThan(20)
    const written: Record<string, string> = { BTU: 'btu', W: 'w', A: 'a', $: '' }
    for (const { names, unit: of, says } of measured) {
      const first = TERMS.find((other) => other.names.some((one) => tidy(one) === tidy(names[0]!)))
      if (first?.says !== says || of === '$' || of === 'R') continue
      const amount = `7 ${written[of!] ?? of!.toLowerCase()}`
      expect(understood(`${names[0]!} over ${amount}`)[0], says).toMatch(new RegExp(`^${escape(says)} at least 7`))
      expect(understood(`${amount} ${names[0]!}`)[0], says).toMatch(new RegExp(`^${escape(says)} at least 7`))
    }
  })

  it('every feature is among them', () => {
    for (const { label } of Object.values(FEATURES))
      expect(
        TERMS.some(({ says }) => says.startsWith(label.toLowerCase())),
        label,
      ).toBe(true)
  })

  it.each([
    ['solar', ['roof solar']],
    ['50 amp', ['shore power: 50 a']],
    ['king bed', ['a king bed']],
    ['fridge over 10 cu ft', ['refrigerator at least 10 cu ft']],
    ['10 cu ft fridge', ['refrigerator at least 10 cu ft']],
    ['theater seats', ['theater seats']],
    ['solar at least 200 w no roof ladder', ['roof solar at least 200 W', 'no ladder']],
    ['bunk curtain under 26 ft', ['curtain at each bunk', 'overall at most 26 ft']],
    ['under 26 ft awning', ['overall at most 26 ft', 'awning']],
    ['inverter over 2 kw', ['inverter at least 2,000 W']],
    ['fresh water over 150 l', ['fresh tank at least 40 gal']],
    ['torsion axle', ['suspension: torsion']],
  ])('%j is understood as %o', (text, terms) =>
    expect(understood(text).map((one) => one.toLowerCase())).toEqual(terms.map((one) => one.toLowerCase())),
  )

  it('a figure in another unit is not read as something else', () => {
    // Inches of a refrigerator are no cubic feet: what is left is said to be strange.
    expect(understood('fridge 24 psi')).toEqual(['refrigerator', '“24”', '“psi”'])
    expect(strange('solr bunks')).toEqual(['solr'])
  })
})

const escape = (text: string): string => text.replace(/[.*+?^${}()|[\]\\/]/g, String.raw`\$&`)

describe('what is known of a unit decides, and what nobody looked at throws nobody out', () => {
  const stocked = (stock: string, change: (of: Trailer) => Trailer) => yardUnit({ ...change(unit()), stock })
  const yard = [
    stocked('SUN', (of) => ({
      ...of,
      equipment: [...standardEquipment(), equipment('solar', { watts: 400 })],
      features: readings({ awningLight: true, suspension: 'torsion' }),
    })),
    stocked('BARE', (of) => ({
      ...of,
      features: readings({ awningLight: false, suspension: 'leaf springs' }),
      absent: [...(of.absent ?? []), { kind: 'solar', source: 'measured' }],
    })),
    stocked('OPEN', (of) => ({ ...of, absent: (of.absent ?? []).filter(({ kind }) => kind !== 'solar') })),
  ]
  const found = (text: string) => {
    const { shown, unsure } = filterYard(yard, parseFilter(text))
    return shown.map(({ stock }) => (unsure.has(stock) ? `${stock}?` : stock))
  }

  it.each([
    ['awning lights', ['SUN', 'OPEN?']],
    ['no awning lights', ['BARE', 'OPEN?']],
    ['torsion axle', ['SUN', 'OPEN?']],
    ['solar over 300 w', ['SUN', 'OPEN?']],
    ['solar over 500 w', ['OPEN?']],
    ['50 amp', ['SUN', 'BARE', 'OPEN']],
    ['30 amp', []],
  ])('%j finds %o', (text, stocks) => expect(found(text)).toEqual(stocks))

  it('a king bed is one of 70 in and more; a bed that nobody measured may be one', () => {
    const bed = (width?: number) =>
      yardUnit(
        unit({
          berths: [
            {
              ...berth('bed', 60, 74),
              ...(width === undefined ? { readings: {} } : { readings: readings({ mattressWidth: width }) }),
            },
          ],
        }),
      )
    const shown = (one: ReturnType<typeof bed>) => filterYard([one], parseFilter('king bed'))
    expect(shown(bed(72)).unsure.size).toBe(0)
    expect(shown(bed(72)).shown).toHaveLength(1)
    expect(shown(bed(60)).shown).toHaveLength(0)
    expect(shown(bed()).unsure.size).toBe(1)
  })

  it('a sink drawn with its kitchen finished has no island beside it; while it is not finished, nobody knows', () => {
    const drawn = unit({ fixtures: [fixture('sink', [10, 2, 20, 20])] })
    expect(filterYard([yardUnit(drawn)], parseFilter('island')).shown).toHaveLength(0)
    expect(filterYard([yardUnit({ ...drawn, absent: [] })], parseFilter('island')).unsure.size).toBe(1)
  })
})
