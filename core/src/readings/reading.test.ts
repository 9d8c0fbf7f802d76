import { describe, expect, it } from 'vitest'
import { best, contradicting, figure, flag, word, type Reading } from './reading'

const reading = (value: number, source: Reading['source'], on?: string): Reading => ({
  value,
  source,
  ...(on && { on }),
})

describe('which reading to go by', () => {
  it('a label or a tape outranks the sheet, and the sheet outranks hearsay, whatever their dates', () => {
    const sheet = reading(3400, 'sheet', '2026-11-01')
    const label = reading(3555, 'label', '2026-01-01')
    expect(best([reading(3000, 'told', '2026-12-01'), sheet, label])).toBe(label)
    expect(best([reading(3000, 'told'), sheet])).toBe(sheet)
  })

  it('of equal rank the newest counts, and undated ones the last written', () => {
    const newer = reading(80, 'measured', '2026-10-02')
    expect(best([reading(79, 'label', '2026-10-01'), newer])).toBe(newer)
    expect(best([reading(74, 'sheet'), reading(75, 'sheet')])!.value).toBe(75)
  })

  it('shows contradictions and overlooks what a tape cannot tell', () => {
    expect(contradicting([reading(3555, 'label'), reading(3400, 'sheet')])).toEqual([reading(3400, 'sheet')])
    expect(contradicting([reading(74, 'measured'), reading(74.5, 'sheet')])).toEqual([])
    expect(contradicting(undefined)).toEqual([])
  })

  it('an unread figure is unknown, not 0, and a word is no number', () => {
    expect(figure({}, 'uvw')).toBeUndefined()
    expect(figure({ uvw: [{ value: 'heavy', source: 'told' }] }, 'uvw')).toBeUndefined()
    expect(flag({ cover: [{ value: false, source: 'measured' }] }, 'cover')).toBe(false)
    expect(word({ shorePower: [{ value: '50 A', source: 'label' }] }, 'shorePower')).toBe('50 A')
  })
})
