import { DEFAULT_HOUSE_RULES as RULES } from '@hitchet/core/rules/houseRules'
import { ChakraProvider } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import { factSheet } from '@hitchet/core/match/factSheet'
import { rank } from '@hitchet/core/match/match'
import { nightsIn } from '@hitchet/core/nights/nights'
import { cachedOf } from '@hitchet/core/testing/cachedYard'
import type { Answer } from '@hitchet/core/questions/answer'
import { household, person } from '@hitchet/core/testing/someone'
import { berth, fixture, unit } from '@hitchet/core/testing/unit'
import { MeasuresProvider } from '../look/measures'
import { system as look } from '../look/theme'
import { comparison } from './compare/compared'
import { Matrix } from './compare/Matrix'
import { AnswerLine, Reasons, StandingWord } from './Verdict'

const page = (children: ReactNode, system: 'us' | 'metric' = 'us') =>
  renderToStaticMarkup(
    <ChakraProvider value={look}>
      <MeasuresProvider system={system}>{children}</MeasuresProvider>
    </ChakraProvider>,
  )
/** What a reader reads, styles and tags left out. */
const words = (markup: string) =>
  markup
    .replace(/<style[^>]*>.*?<\/style>/gs, '')
    .replace(/<[^>]+>/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()

const over: Answer = {
  verdict: 'no',
  margin: { value: -180, unit: 'lb', plenty: 900 },
  because: [
    { verdict: 'no', says: ['Loaded it is ', { value: 180, unit: 'lb' }, ' too heavy.'] },
    { verdict: 'fits', says: ['The axles carry it.'] },
  ],
  cautions: [],
  missing: [],
}

describe('a verdict is said in words, never by color alone', () => {
  it('on a line: question, word, figure', () => {
    expect(words(page(<AnswerLine short="Pull it" answer={over} />))).toBe('Pull it No 180 lb over')
    expect(words(page(<AnswerLine short="Pull it" answer={over} />, 'metric'))).toBe('Pull it No 82 kg over')
    expect(
      words(
        page(
          <AnswerLine short="Bath" answer={{ ...over, verdict: 'measure', margin: undefined, missing: ['a', 'b'] }} />,
        ),
      ),
    ).toBe('Bath Measure 2 to measure')
    expect(
      words(
        page(<AnswerLine short="Bath" answer={{ ...over, verdict: 'tight', margin: undefined, brief: 'no tub' }} />),
      ),
    ).toBe('Bath Tight no tub')
  })

  it('in reasons: each with its word for those who do not see its pattern, the worst first', () => {
    expect(words(page(<Reasons answer={{ ...over, because: [...over.because].reverse() }} />))).toBe(
      'No: Loaded it is 180 lb too heavy. Fits: The axles carry it.',
    )
  })

  it('of a unit', () => expect(words(page(<StandingWord standing="nearly" />))).toBe('Nearly'))
})

describe('what tells units apart', () => {
  const cheap = unit({
    berths: [berth('bed', 60, 80, { name: 'Queen' })],
    fixtures: [fixture('toilet', [10, 80, 19, 14])],
  })
  const dear = { ...unit(cheap.plan, { askingPrice: 35000 }), stock: 'X-2' }
  const people = household([person({ name: 'Ro' })], { limits: { budget: 30000 } })
  const matches = rank(
    [cheap, dear].map((trailer) => ({ id: trailer.stock, facts: factSheet(trailer, RULES) })),
    people,
    RULES,
  )
  const both = comparison(
    [cheap, dear].map((trailer) => ({
      kept: cachedOf(matches, people, RULES).find(({ id }) => id === trailer.stock)!,
      trailer,
      answers: matches.find(({ id }) => id === trailer.stock)!.answers,
      nights: nightsIn(trailer, people, RULES),
    })),
    people,
    RULES,
  )
  const table = (onlyDifferences: boolean, allWords = true) =>
    words(page(<Matrix comparison={both} onlyDifferences={onlyDifferences} allWords={allWords} />))

  it('is listed alone when asked for differences: the price, and no word on what is alike', () => {
    expect(table(true)).toContain('Asking $35,000')
    expect(table(true)).toContain('Asking price $21,000 least label $35,000 label')
    expect(table(true)).not.toContain('Queen')
    expect(table(true)).not.toContain('UVW')
  })

  it('with figures before words: the better answer marked, its words where one asks for them', () => {
    expect(table(true, false)).toContain('Price ▸ Fits $9,000 to spare best No $5,000 over Figures')
    expect(table(true, false)).not.toContain('they want to spend')
  })

  it('with everything else when asked for everything, and what nobody read as Measure', () => {
    expect(table(false)).toContain('Ro has the queen')
    expect(table(false)).toContain('UVW (dry) 3,555 lb label 3,555 lb label')
    expect(table(false)).toContain('Overall height Measure Measure')
  })
})
