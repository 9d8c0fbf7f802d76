import { knownSum } from '../../quantity/sum'
import { figure, word } from '../../readings/reading'
import { toNote, unexplained } from '../../trailer/drawn'
import { equipmentOf } from '../../trailer/equipment'
import type { Trailer } from '../../trailer/trailer'
import { WATTS, type Load, type SupplyId } from './loads'

export interface PowerFacts {
  /** Absent: nobody looked at the inlet. */
  shore?: Exclude<SupplyId, 'house'>
  /** Continuous, W; nothing: none. Absent: not read. */
  inverter?: number
  loads: Load[]
  /** What may draw besides, at the most, and the reading that would tell. */
  unsure: (Load & { read: string })[]
}

/** The largest that are built, while nobody read one, BTU/h. */
const LARGEST_AC = 15_000

export function powerFacts(trailer: Trailer): PowerFacts {
  const { readings } = trailer
  const inverters = equipmentOf(trailer, 'inverter')
  const shore = word(readings, 'shorePower') as PowerFacts['shore']
  const inverter = inverters && knownSum(inverters.map((one) => figure(one.readings, 'watts')))
  const all: MaybeLoad[] = [...acs(trailer), ...waterHeater(trailer), ...fridge(trailer), ...drawn(trailer)]
  return {
    ...(shore && { shore }),
    ...(inverter !== undefined && { inverter }),
    loads: all.flatMap(({ read, ...load }) => (read === undefined ? [load] : [])),
    unsure: all.flatMap(({ read, ...load }) => (read === undefined ? [] : [{ ...load, read }])),
  }
}

type MaybeLoad = Load & { read?: string }

const lasting = (id: string, name: string, watts: number, read?: string): MaybeLoad => ({
  id,
  name,
  watts,
  lasting: true,
  ...(read && { read }),
})

function acs(trailer: Trailer): MaybeLoad[] {
  const noted = equipmentOf(trailer, 'air-conditioner')
  if (!noted) return [lasting('ac-1', 'AC', WATTS.ac(LARGEST_AC), 'equipment.air-conditioner.cooling')]
  return noted.map(({ id, readings }, i) => {
    const cooling = figure(readings, 'cooling')
    const name = noted.length > 1 ? `AC ${i + 1}` : 'AC'
    const read = cooling === undefined ? `equipment.${id}.cooling` : undefined
    return lasting(`ac-${i + 1}`, name, WATTS.ac(cooling ?? LARGEST_AC), read)
  })
}

function waterHeater(trailer: Trailer): MaybeLoad[] {
  const noted = equipmentOf(trailer, 'water-heater')
  const of = (read?: string) => [lasting('water-heater', 'water heater’s element', WATTS.waterHeater, read)]
  if (!noted) return of('equipment.water-heater.fuel')
  const fuels = noted.map(({ id, readings }) => ({ id, fuel: word(readings, 'fuel') }))
  if (fuels.some(({ fuel }) => fuel === 'gas and electric')) return of()
  const open = fuels.find(({ fuel }) => fuel === undefined)
  return open ? of(`equipment.${open.id}.fuel`) : []
}

function fridge(trailer: Trailer): MaybeLoad[] {
  const found = trailer.plan.fixtures.find(({ kind }) => kind === 'fridge')
  const of = (read?: string) => [lasting('fridge', 'refrigerator', WATTS.houseFridge, read)]
  if (!found) return unexplained(trailer).includes('fridge') ? of(toNote('fridge')) : []
  const kind = word(found.readings, 'kind')
  // One on 12 V runs by the converter.
  return kind === undefined ? of(`plan.fixtures.${found.id}.kind`) : kind === '12 V compressor' ? [] : of()
}

function drawn({ plan }: Trailer): Load[] {
  const has = (kind: string) => plan.fixtures.some((one) => one.kind === kind)
  return [
    ...(has('fireplace') ? [lasting('fireplace', 'electric fireplace', WATTS.fireplace)] : []),
    ...(has('microwave') ? [{ id: 'microwave', name: 'microwave', watts: WATTS.microwave, lasting: false }] : []),
    ...(has('washer') ? [{ id: 'washer', name: 'washer', watts: WATTS.washer, lasting: false }] : []),
    lasting('converter', 'converter', WATTS.converter),
  ]
}
