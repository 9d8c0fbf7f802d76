import type { ReadingSpec, Source } from './reading'

/** What is printed on the unit: nobody has a scale or a gauge for it on the lot. */
const PRINTED = new Set<ReadingSpec['unit']>(['lb', 'psi', 'gal', 'gal/h', 'BTU', 'Ah', 'A', 'W', 'cu ft'])

/**
 * Where a reading usually comes from, proposed to who takes it on the lot: lengths are taped and things are looked at, ratings
 * and capacities are read off a label or a plate, a tongue goes on a scale, R values are in the brochure.
 */
export function usualSource({ kind, unit, how = '' }: Pick<ReadingSpec, 'kind' | 'unit' | 'how'>): Source {
  if (/scale|tape/i.test(how)) return 'measured'
  if (/label|stamped|plate|side wall|sticker|tag/i.test(how)) return 'label'
  if (/sheet/i.test(how)) return 'sheet'
  return kind === 'number' && PRINTED.has(unit) ? 'label' : 'measured'
}
