import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { parseTrailer } from '../formats/document'
import { tow } from '../questions/tow/tow'
import { phraseText } from '../quantity/phrase'
import { answerTo } from '../testing/answerTo'
import { household, person } from '../testing/someone'
import { unit } from '../testing/unit'
import { doubtsOf } from './doubts'
import { tableTire } from './tires'

const tired = (tireSize: string, tireLoadRange: string, tireRating: number, tirePressure: number) =>
  unit({}, { tireSize, tireLoadRange, tireRating, tirePressure })
const doubted = (trailer: ReturnType<typeof unit>) => doubtsOf(trailer).map(({ says }) => phraseText(says))

describe('tires against the Tire and Rim Association tables (from memory)', () => {
  it.each([
    ['ST205/75R14', 'C', 1760, 50],
    ['ST205/75R15', 'C', 1820, 50],
    ['ST225/75R15', 'C', 2150, 50],
    ['ST225/75R15', 'D', 2540, 65],
    ['ST225/75R15', 'E', 2830, 80],
    ['ST235/80R16', 'E', 3420, 80],
  ])('%s %s carries %d lb at %d psi', (size, range, pounds, psi) => {
    expect(tableTire(tired(size, range, pounds, psi))).toMatchObject({ pounds, psi })
    expect(doubted(tired(size, range, pounds, psi))).toEqual([])
  })

  it('a wrong sticker is noticed, and nothing rests on it', () => {
    const sticker = tired('st225/75 R15', 'D', 2830, 80)
    expect(doubted(sticker)).toEqual([
      'A tire rated 2,830 lb: by the tables an ST225/75R15 D carries 2,540 lb at 65 psi cold. Read the side wall again.',
      '80 psi in the tires: by the tables an ST225/75R15 D carries 2,540 lb at 65 psi cold. Read the label and the side wall again.',
    ])
    expect(answerTo(tow, sticker, household([person()]))).toMatchObject({
      verdict: 'measure',
      missing: ['readings.tireRating'],
    })
  })

  it('a tire that is not in the table is not judged', () => {
    expect(tableTire(tired('ST175/80R13', 'C', 1360, 50))).toBeUndefined()
    expect(doubted(tired('ST175/80R13', 'C', 1360, 50))).toEqual([])
  })
})

it('no unit of the demo wears a tire that contradicts the tables', () => {
  const yard = new URL('../../../demo/yard/', import.meta.url)
  for (const name of readdirSync(yard)) {
    const trailer = parseTrailer(readFileSync(new URL(name, yard), 'utf8')).document!
    expect(doubtsOf(trailer).filter(({ key }) => key.startsWith('readings.tire'))).toEqual([])
  }
})
