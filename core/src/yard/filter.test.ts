import { describe, expect, it } from 'vitest'
import { phraseText } from '../quantity/phrase'
import { berth, fixture, unit } from '../testing/unit'
import { filterYard, parseFilter } from './filter'
import { yardUnit } from './unit'
import { unitFeatures } from './unitFeatures'

const bunkhouse = yardUnit(
  unit(
    {
      berths: [berth('bed', 60, 74), berth('bunk', 28, 74), berth('upper-bunk', 28, 74)],
      fixtures: [fixture('tub', [10, 10, 30, 30]), fixture('toilet', [60, 10, 19, 22])],
    },
    { overallLength: 290, advertisedSleeps: 5 },
  ),
)
const long = {
  ...yardUnit(
    unit(
      {
        slides: [{ id: 's', wall: 'off-door', start: 10, length: 80, depth: 30 }],
        berths: [berth('bed', 60, 80)],
        fixtures: [fixture('cabinet', [10, 60, 20, 20])],
      },
      { overallLength: 400, uvw: 7400, askingPrice: 42000 },
    ),
  ),
  stock: 'X-2',
  layout: 'rear living' as const,
  doors: 2,
}
const drawn = { berths: [berth('bed', 60, 74)], fixtures: [fixture('cabinet', [10, 60, 20, 20])] }
const unread = { ...yardUnit(unit(drawn)), stock: 'X-3', layout: 'hybrid' as const, length: undefined }
const yard = [bunkhouse, long, unread]
const found = (text: string) => filterYard(yard, parseFilter(text)).shown.map(({ stock }) => stock)
const understood = (text: string) => parseFilter(text).map(({ says }) => phraseText(says))

describe('narrowing the yard by typing', () => {
  it.each([
    ['', ['X-1', 'X-2', 'X-3']],
    ['bunks', ['X-1']],
    ['bunks under 26 ft', ['X-1']],
    ['2 doors', ['X-2']],
    ['two doors', ['X-2']],
    ['no slide', ['X-1', 'X-3']],
    ['slide', ['X-2']],
    ['under 5,000 lb', ['X-1', 'X-3']],
    ['below $30,000', ['X-1', 'X-3']],
    ['over 32k', ['X-2']],
    ['tub', ['X-1']],
    ['no tub', ['X-2', 'X-3']],
    ['sleeps 5', ['X-1', 'X-2', 'X-3']],
    ['rear living', ['X-2']],
    ['x-3', ['X-3']],
    ['unicorn', ['X-1', 'X-2', 'X-3']],
  ])('%j finds %o', (text, stocks) => expect(found(text)).toEqual(stocks))

  it.each([
    ['under 26', ['overall at most 26 ft']],
    ['under 9 m no slide', ['overall at most 29 ft 6 in', 'no slide']],
    ['max 4,000', ['UVW at most 4,000 lb']],
    ['under 7000 lb gvwr', ['GVWR at most 7,000 lb']],
    ['up to 32000', ['at most $32,000']],
    ['at least 30 ft with 2 slides', ['overall at least 30 ft', '2 slides or more']],
    ['four bunks', ['4 bunks or more']],
  ])('%j is understood as %o', (text, terms) => expect(understood(text)).toEqual(terms))

  it('a unit whose reading is missing is not thrown out, but marked', () => {
    const { shown, unsure } = filterYard(yard, parseFilter('under 26 ft'))
    expect(shown.map(({ stock }) => stock)).toEqual(['X-1', 'X-3'])
    expect([...unsure]).toEqual(['X-3'])
  })

  it('says what a unit has in words that find it again', () => {
    expect(unitFeatures(bunkhouse)).toEqual(['2 bunks', 'tub', '30 gal fresh water'])
    expect(found(unitFeatures(bunkhouse).slice(0, 2).join(' '))).toEqual(['X-1'])
  })
})
