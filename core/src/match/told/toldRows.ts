import { FEATURES, FEATURE_IDS } from '../../features/catalogue'
import { PLACES, type Feature } from '../../features/feature'
import { EQUIPMENT_KINDS, TRAILER_READS, type EquipmentKind } from '../../readings/catalogue'
import { best, type Reading, type ReadingSpec, type ReadingSpecs } from '../../readings/reading'
import { capital } from '../../plan/naming'
import { PLAN_TERMS } from '../../terms/planTerms'
import { equipmentOf } from '../../trailer/equipment'
import type { Trailer } from '../../trailer/trailer'
import { FIGURE_KEYS } from './figures'

/** One thing that is read or told, over several units. */
export interface ToldRow {
  group: string
  label: string
  spec: ReadingSpec
  /** Two units of which it is known are not alike in it. */
  differs: boolean
  cells: ToldCell[]
}

/** As read; that there is none of it; nothing: nobody looked. */
export type ToldCell = { reading?: Reading; none?: true }

/** All readings of the units and all that is told of them, where anybody looked at one of them; figures stand apart. */
export function toldRows(trailers: readonly Trailer[]): ToldRow[] {
  const rows = [
    ...planRows(trailers),
    ...readRows('The unit', TRAILER_READS, trailers, ({ readings }) => readings).filter(
      ({ key }) => !(FIGURE_KEYS as readonly string[]).includes(key),
    ),
    ...(Object.keys(EQUIPMENT_KINDS) as EquipmentKind[]).flatMap((kind) => equipmentRows(kind, trailers)),
    ...FEATURE_IDS.flatMap((id) => {
      const spec: Feature = FEATURES[id]
      return readRows(PLACES[spec.place], { [id]: spec }, trailers, ({ features }) => features)
    }),
  ]
  return rows.map(({ key: _key, ...row }) => row).filter(({ cells }) => cells.some(isKnown))
}

/** What people ask of a floor plan, as the search and their wishes know it. */
function planRows(trailers: readonly Trailer[]): (ToldRow & { key: string })[] {
  return PLAN_TERMS.map(({ key, says: label, unit, of }) => {
    const number = unit !== undefined && unit !== 'count'
    const spec: ReadingSpec = {
      label: capital(label.replace(/^an? /, '')),
      kind: number ? 'number' : 'yes-no',
      ...(number && { unit }),
    }
    const cells = trailers.map((trailer): ToldCell => {
      const { there, figure } = of(trailer)
      if (there === undefined) return {}
      const value = number ? figure : there
      return there && value !== undefined ? { reading: { value, source: 'measured' } } : { none: true }
    })
    return row({ key, group: 'The floor plan', label: spec.label, spec }, cells)
  })
}

const isKnown = ({ reading, none }: ToldCell): boolean => reading !== undefined || none === true

function readRows(
  group: string,
  specs: ReadingSpecs,
  trailers: readonly Trailer[],
  of: (trailer: Trailer) => Trailer['readings'] | undefined,
): (ToldRow & { key: string })[] {
  return Object.entries(specs).map(([key, spec]) =>
    row(
      { key, group, label: spec.label, spec },
      trailers.map((trailer) => cell(best(of(trailer)?.[key]))),
    ),
  )
}

/** Of each kind the first there is: what more of them read is told on the unit. */
function equipmentRows(kind: EquipmentKind, trailers: readonly Trailer[]): (ToldRow & { key: string })[] {
  const { name, reads } = EQUIPMENT_KINDS[kind] as { name: string; reads: ReadingSpecs }
  const noted = trailers.map((trailer) => equipmentOf(trailer, kind))
  const having = row(
    { key: kind, group: 'Equipment', label: name, spec: { label: name, kind: 'yes-no' } },
    noted.map((found): ToldCell =>
      found === undefined ? {} : found.length ? { reading: { value: true, source: 'measured' } } : { none: true },
    ),
  )
  return [
    ...(having.differs || Object.keys(reads).length === 0 ? [having] : []),
    ...Object.entries(reads).map(([key, spec]) =>
      row(
        { key: `${kind}.${key}`, group: 'Equipment', label: `${name}: ${spec.label.toLowerCase()}`, spec },
        noted.map((found) => cell(best(found?.[0]?.readings?.[key]))),
      ),
    ),
  ]
}

const cell = (reading: Reading | undefined): ToldCell => (reading ? { reading } : {})

function row<T extends Omit<ToldRow, 'differs' | 'cells'>>(of: T, cells: ToldCell[]): T & ToldRow {
  const known = cells.filter(isKnown).map(({ reading, none }) => (none ? false : reading!.value))
  return { ...of, cells, differs: known.some((value) => value !== known[0]) }
}
