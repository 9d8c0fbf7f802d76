import { describe, expect, it } from 'vitest'
import { BERTH_KINDS, TRAILER_READS } from './catalogue'
import * as catalogue from './catalogue'
import type { ReadingSpecs } from './reading'
import { usualSource } from './usualSource'

describe('the source that is proposed', () => {
  const of = (key: keyof typeof TRAILER_READS) => usualSource(TRAILER_READS[key])
  it('labels are read, lengths are taped, a tongue is weighed, the brochure says how many it sleeps', () => {
    for (const key of [
      'gvwr',
      'uvw',
      'cargoCapacity',
      'axleRating',
      'tireRating',
      'couplerRating',
      'couplerBall',
    ] as const)
      expect(of(key), key).toBe('label')
    for (const key of ['overallLength', 'overallHeight', 'axleCenter', 'blackFlush', 'axles', 'hitchWeight'] as const)
      expect(of(key), key).toBe('measured')
    expect(of('advertisedSleeps')).toBe('sheet')
    expect(of('wallInsulation')).toBe('sheet')
  })
  it('a bunk’s limit is read off its label, its mattress is taped', () => {
    const reads = catalogue.BERTH_READS as ReadingSpecs
    expect(Object.keys(BERTH_KINDS)).toContain('bunk')
    expect(usualSource(reads['weightLimit']!)).toBe('label')
    expect(usualSource(reads['mattressLength']!)).toBe('measured')
  })
})
