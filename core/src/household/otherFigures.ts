import type { Phrase } from '../quantity/phrase'
import { quantity, type Quantity } from '../quantity/quantity'
import { oddFigure } from '../readings/doubt'
import { GEAR_SHELF } from './gearShelf'
import type { Pet } from './household'
import { unitOf } from './told/draft'
import { usualFigures, type Fields } from './told/field'
import { LIMIT_FIELDS } from './told/limitFields'
import { TRIP_FIELDS } from './told/tripFields'

/** A household's figures besides those of its people and its vehicle, with what they usually are. */
export interface OtherFigure<T> {
  /** `gear.kayak.weight`, `limits.budget`: by id, so that it holds when a line above is taken out. */
  figure: string
  label: string
  value: T
  /** Absent: a plain number. */
  unit?: Quantity['unit'] | undefined
  usual: readonly [number, number]
}

/** The document with its numbers, or the interview with its texts. */
export interface HasOtherFigures<T> {
  limits: Told
  trip: Told
  pets: readonly { id: string; name: string; kind: Pet['kind']; weight?: T }[]
  gear: readonly { id: string; name: string; weight?: T; size?: { length?: T; width?: T; height?: T } }[]
}

/** Of a table of fields figures among others, which are not looked at. */
type Told = object

/** Wide: what nobody asks twice about (common practice). Pounds, inches. */
const USUAL = {
  gearWeight: [0.3, 500],
  gearSide: [0.5, 240],
} as const
const PET_WEIGHT: Record<Pet['kind'], readonly [number, number]> = { dog: [2, 220], cat: [2, 30], other: [0.05, 220] }
/** What has its place on the shelf is this many times lighter or heavier, shorter or longer, before it is questioned. */
const OFF_THE_SHELF = { weight: 4, side: 3 } as const

/** All of them that there are. */
export function otherFigures<T>({ limits, trip, pets, gear }: HasOtherFigures<T>): OtherFigure<T>[] {
  const some = (
    figure: string,
    label: string,
    value: T | undefined,
    unit: OtherFigure<T>['unit'],
    usual: readonly [number, number],
  ): OtherFigure<T>[] => (value === undefined || value === '' ? [] : [{ figure, label, value, unit, usual }])
  const ofTable = (path: string, table: Fields, told: Told): OtherFigure<T>[] =>
    usualFigures(table).flatMap(([key, field]) =>
      some(`${path}.${key}`, field.label, (told as Record<string, T>)[key], unitOf(field), field.usual),
    )
  return [
    ...ofTable('limits', LIMIT_FIELDS, limits),
    ...ofTable('trip', TRIP_FIELDS, trip),
    ...pets.flatMap(({ id, name, kind, weight }) =>
      some(`pets.${id}.weight`, name || 'The pet', weight, 'lb', PET_WEIGHT[kind]),
    ),
    ...gear.flatMap(({ id, name, weight, size }) => {
      const shelf = GEAR_SHELF.find((one) => one.name === name)
      const sides = shelf?.size && Object.values(shelf.size)
      const usualSide: readonly [number, number] = sides
        ? [Math.floor(Math.min(...sides) / OFF_THE_SHELF.side), Math.max(...sides) * OFF_THE_SHELF.side]
        : USUAL.gearSide
      return [
        ...some(
          `gear.${id}.weight`,
          `${name || 'Gear'}, each`,
          weight,
          'lb',
          shelf ? [shelf.weight / OFF_THE_SHELF.weight, shelf.weight * OFF_THE_SHELF.weight] : USUAL.gearWeight,
        ),
        ...(['length', 'width', 'height'] as const).flatMap((side) =>
          some(`gear.${id}.size.${side}`, `${name || 'Gear'}, ${side}`, size?.[side], 'in', usualSide),
        ),
      ]
    }),
  ]
}

/** What is odd about one of them, as a question; undefined when it is usual. */
export const oddOther = ({ label, unit, usual }: OtherFigure<unknown>, value: number): Phrase | undefined =>
  oddFigure(label, value, usual, (figure) => (unit ? quantity(figure, unit) : figure))
