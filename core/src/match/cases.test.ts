import { DEFAULT_HOUSE_RULES as RULES } from '../rules/houseRules'
import { describe, expect, it } from 'vitest'
import { STANCE_IDS, type StanceId } from '../household/wishes/stances'
import { phraseText } from '../quantity/phrase'
import { CAUTIONS, type CautionId } from '../questions/cautions'
import type { Case } from '../testing/cases/case'
import { LIVING } from '../testing/cases/living'
import { WANTING } from '../testing/cases/wanting'
import { COUPLE, FAMILY, HATCH, LONG } from '../testing/lot'
import { factSheet } from './factSheet'
import { judgeFor } from './judge'

const CASES: Case[] = [...LIVING, ...WANTING]

const sheets = new Map([FAMILY, HATCH, COUPLE, LONG].map((one) => [one.stock, factSheet(one, RULES)]))

describe('what an experienced person would say', () => {
  it.each(CASES.map((one) => [one.says, one] as const))(
    '%s',
    (_, { of: people, unit, question, verdict, reason, caution }) => {
      const answer = judgeFor(people, RULES)(sheets.get(unit.stock)!)[question]!
      const words = answer.because.map(({ says }) => phraseText(says)).join(' ')
      expect(words).toMatch(reason)
      expect(answer.verdict, words).toBe(verdict)
      if (caution) expect(answer.cautions).toContain(caution)
    },
  )

  it('is at least forty cases, over every stance and every caution', () => {
    expect(CASES.length).toBeGreaterThanOrEqual(40)
    expect(STANCE_IDS.filter((id: StanceId) => !CASES.some((one) => one.of.stances[id]))).toEqual([])
    expect((Object.keys(CAUTIONS) as CautionId[]).filter((id) => !CASES.some(({ caution }) => caution === id))).toEqual(
      [],
    )
  })
})
