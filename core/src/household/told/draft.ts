import { formatFeet, type MeasureSystem } from '../../quantity/format'
import { CM_PER_INCH, LB_PER_KG } from '../../quantity/parse'
import type { Quantity } from '../../quantity/quantity'
import type { Field, Fields, FigureField } from './field'
import type { DocumentOf, DraftOf } from './shapes'

/** As the fields stand in an interview that has not begun. */
export const emptyOf = <T extends Fields>(table: T): DraftOf<T> =>
  Object.fromEntries(Object.entries(table).map(([key, one]) => [key, one.kind === 'id' ? '' : one.start])) as DraftOf<T>

/** What the document holds, as texts to edit. */
export const textsOf = <T extends Fields>(
  table: T,
  document: Partial<DocumentOf<T>>,
  system: MeasureSystem,
): DraftOf<T> => ({
  ...emptyOf(table),
  ...Object.fromEntries(
    Object.entries(table).flatMap(([key, field]) => {
      const value = document[key as keyof typeof document] as number | string | boolean | undefined
      return value === undefined ? [] : [[key, textOf(field, value, system)] as const]
    }),
  ),
})

/** What the document would hold of a draft: what stands as in an interview that has not begun is left out, unless it is needed. */
export const rawOf = <T extends Fields>(table: T, draft: DraftOf<T>): Partial<Record<keyof T, unknown>> =>
  Object.fromEntries(
    Object.entries(table).flatMap(([key, field]) => {
      const typed = draft[key as keyof T] as string | boolean
      return field.needed || isTold(field, typed) ? [[key, typed] as const] : []
    }),
  ) as Partial<Record<keyof T, unknown>>

function isTold(field: Field, typed: string | boolean): boolean {
  if (field.kind === 'tick' || field.kind === 'choice') return typed !== field.start
  return String(typed).trim() !== ''
}

function textOf(field: Field, value: number | string | boolean, system: MeasureSystem): string | boolean {
  if (field.kind !== 'figure') return value as string | boolean
  return figureText(Number(value), unitOf(field), system)
}

/** What a figure is measured in; absent: a plain number of something. */
export const unitOf = ({ read }: Pick<FigureField, 'read'>): Quantity['unit'] | undefined =>
  read === 'length' ? 'in' : read === 'weight' ? 'lb' : read === 'money' ? '$' : undefined

/** Exact enough to come back as the same figure: whole inches as feet and inches, others as they are. */
export function figureText(
  value: number | undefined,
  unit: Quantity['unit'] | undefined,
  system: MeasureSystem,
): string {
  if (value === undefined) return ''
  const metric = system === 'metric'
  if (unit === 'lb') return metric ? `${Math.round((value / LB_PER_KG) * 10) / 10} kg` : String(value)
  if (unit !== 'in') return String(value)
  if (metric) return `${Math.round(value * CM_PER_INCH * 10) / 10} cm`
  return Number.isInteger(value) && value >= 12 ? formatFeet(value) : `${value} in`
}
