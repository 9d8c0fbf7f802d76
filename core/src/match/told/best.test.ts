import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Answer } from '../../questions/answer'
import { VERDICTS, type Verdict } from '../../questions/reason'
import { bestAnswers, bestFigures } from './best'
import { differences } from './differences'

const answer = (verdict: Verdict, value?: number): Answer => ({
  verdict,
  because: [],
  cautions: [],
  missing: verdict === 'measure' ? ['readings.uvw'] : [],
  ...(value !== undefined && { margin: { value, unit: 'lb', plenty: 1_000 } }),
})

describe('the best of a row', () => {
  it('is the most or the least, and both of two that share it', () => {
    expect(bestFigures([1_200, 1_600, 900], 'more')).toEqual([false, true, false])
    expect(bestFigures([1_200, 1_600, 900], 'less')).toEqual([false, false, true])
    expect(bestFigures([40, 40, 30], 'more')).toEqual([true, true, false])
  })

  it('is not named while one of them is unknown: that could be better', () =>
    expect(bestFigures([1_200, undefined], 'more')).toEqual([false, false]))

  it('of answers is the better verdict, then the wider margin, and never one that speaks against a unit', () => {
    expect(bestAnswers([answer('tight', 900), answer('fits', 10)])).toEqual([false, true])
    expect(bestAnswers([answer('fits', 300), answer('fits', 700)])).toEqual([false, true])
    expect(bestAnswers([answer('no', -500), answer('no', -10)])).toEqual([false, false])
    expect(bestAnswers([answer('fits', 300), answer('measure')])).toEqual([false, false])
  })

  it('is never beaten in its row, and there is none where all are alike', () => {
    const figures = fc.array(fc.option(fc.integer({ min: 0, max: 5 }), { nil: undefined }), {
      minLength: 1,
      maxLength: 4,
    })
    fc.assert(
      fc.property(figures, fc.constantFrom('more' as const, 'less' as const), (values, better) => {
        const marks = bestFigures(values, better)
        expect(marks).toHaveLength(values.length)
        for (const [i, mark] of marks.entries())
          if (mark)
            for (const other of values)
              expect(better === 'more' ? other! <= values[i]! : other! >= values[i]!).toBe(true)
        if (new Set(values).size === 1) expect(marks).not.toContain(true)
      }),
    )
  })
})

describe('what parts units', () => {
  it('is also what is to spare, where the verdict is the same: 136 lb is not 420 lb', () => {
    const [row] = differences([{ tow: answer('fits', 136) }, { tow: answer('fits', 420) }])
    expect(row).toMatchObject({ differs: true, best: [false, true] })
  })

  it('is nothing where verdict and figure are the same, whatever the verdict', () => {
    for (const verdict of VERDICTS) {
      const [row] = differences([{ tow: answer(verdict, 136) }, { tow: answer(verdict, 136) }])
      expect(row).toMatchObject({ differs: false, best: [false, false] })
    }
  })
})
