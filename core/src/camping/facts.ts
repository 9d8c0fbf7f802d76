import { knownProduct, knownSum } from '../quantity/sum'
import type { EquipmentKind } from '../readings/catalogue'
import { figure, word } from '../readings/reading'
import { toNote, unexplained } from '../trailer/drawn'
import { equipmentOf } from '../trailer/equipment'
import { trailerFigure, type Trailer, type Equipment } from '../trailer/trailer'
import { shellOf, type Shell } from './shell'

/** A figure, or the readings that would tell it: never both. */
export interface Known {
  value?: number
  unread: string[]
}

export type Chemistry = 'lead-acid' | 'AGM' | 'LiFePO4'
export type FridgeKind = '12 V compressor' | 'gas-electric' | '120 V'

/** What a trailer offers those who live in it: gallons, pounds, BTU/h, watts, ampere-hours. */
export interface CampingFacts {
  fresh: Known
  gray: Known
  /** A second gray for the kitchen; nothing where there is none. */
  galley: Known
  black: Known
  propane: Known
  /** How many there are, where somebody has to turn from one to the next. */
  turnedByHand?: number
  batteries: { banks: { ampHours?: number; chemistry?: Chemistry }[]; unread: string[] }
  /** Panels, each with what its controller lets through. */
  solar: { panels: { watts?: number; amps?: number }[]; unread: string[] }
  /** Rated input of all furnaces; nothing where there is none. */
  furnace: Known
  /** Absent: somebody looked, and there is none. */
  fridge?: { kind?: FridgeKind; cubicFeet?: number; unread: string[] }
  heater: { gallons?: number; recovery?: number; fuel?: string; none: boolean; key: string }
  fireplace: boolean
  /** Continuous watts; nothing where there is none. */
  inverter: Known
  shell: Shell
  insulation: { walls: Known; roof: Known; floor: Known }
}

export function campingFacts(trailer: Trailer): CampingFacts {
  const { plan } = trailer
  const fridge = fridgeOf(trailer)
  const [heater] = equipmentOf(trailer, 'water-heater') ?? []
  return {
    fresh: tank(trailer, 'fresh-tank'),
    gray: tank(trailer, 'gray-tank'),
    // A galley tank that nobody noted is more than most have.
    galley: equipmentOf(trailer, 'galley-tank') ? tank(trailer, 'galley-tank') : { value: 0, unread: [] },
    black: tank(trailer, 'black-tank'),
    propane: added(trailer, 'lp-cylinder', ['size', 'count'], ({ readings }) =>
      knownProduct(figure(readings, 'size'), figure(readings, 'count')),
    ),
    ...turnedByHand(trailer),
    batteries: batteries(trailer),
    solar: solar(trailer),
    furnace: added(trailer, 'furnace', ['heating'], ({ readings }) => figure(readings, 'heating')),
    ...(fridge && { fridge }),
    heater: {
      gallons: figure(heater?.readings, 'capacity'),
      recovery: figure(heater?.readings, 'recovery'),
      fuel: word(heater?.readings, 'fuel'),
      none: heater === undefined && equipmentOf(trailer, 'water-heater') !== undefined,
      key: `equipment.${heater?.id ?? 'water-heater'}`,
    },
    fireplace: plan.fixtures.some(({ kind }) => kind === 'fireplace'),
    inverter: added(trailer, 'inverter', ['watts'], ({ readings }) => figure(readings, 'watts')),
    shell: shellOf(plan, trailerFigure(trailer, 'interiorHeight')),
    insulation: {
      walls: insulation(trailer, 'wallInsulation'),
      roof: insulation(trailer, 'roofInsulation'),
      floor: insulation(trailer, 'floorInsulation'),
    },
  }
}

function fridgeOf(trailer: Trailer): CampingFacts['fridge'] {
  const drawn = trailer.plan.fixtures.find(({ kind }) => kind === 'fridge')
  if (!drawn) return unexplained(trailer).includes('fridge') ? { unread: [toNote('fridge')] } : undefined
  const kind = word(drawn.readings, 'kind') as FridgeKind | undefined
  const cubicFeet = figure(drawn.readings, 'capacity')
  const key = `plan.fixtures.${drawn.id}`
  // How large it is changes only what a compressor draws.
  const size = kind === '12 V compressor' && cubicFeet === undefined ? [`${key}.capacity`] : []
  return { kind, cubicFeet, unread: kind === undefined ? [`${key}.kind`] : size }
}

const tank = (trailer: Trailer, kind: EquipmentKind): Known =>
  added(trailer, kind, ['capacity'], ({ readings }) => figure(readings, 'capacity'))

/** All of a kind together: nothing where somebody found none, and the readings to take where not all is known. */
export function added(
  trailer: Trailer,
  kind: EquipmentKind,
  keys: readonly string[],
  of: (one: Equipment) => number | undefined,
): Known {
  const noted = equipmentOf(trailer, kind)
  if (!noted) return { unread: [`equipment.${kind}.${keys[0]!}`] }
  const value = knownSum(noted.map(of))
  if (value !== undefined) return { value, unread: [] }
  return { unread: noted.flatMap((one) => unreadOf(one, keys)) }
}

const unreadOf = ({ id, readings }: Equipment, keys: readonly string[]): string[] =>
  keys
    .filter((key) => figure(readings, key) === undefined && word(readings, key) === undefined)
    .map((key) => `equipment.${id}.${key}`)

function turnedByHand(trailer: Trailer): Pick<CampingFacts, 'turnedByHand'> {
  const [noted, ...more] = equipmentOf(trailer, 'lp-cylinder') ?? []
  const count = figure(noted?.readings, 'count')
  if (more.length || count === undefined || count < 2 || word(noted?.readings, 'changeover') !== 'manual') return {}
  return { turnedByHand: count }
}

function batteries(trailer: Trailer): CampingFacts['batteries'] {
  const noted = equipmentOf(trailer, 'battery')
  if (!noted) return { banks: [{}], unread: ['equipment.battery.ampHours'] }
  return {
    banks: noted.map(({ readings }) => ({
      ampHours: knownProduct(figure(readings, 'ampHours'), figure(readings, 'count')),
      chemistry: word(readings, 'chemistry') as Chemistry | undefined,
    })),
    unread: noted.flatMap((one) => unreadOf(one, ['count', 'ampHours', 'chemistry'])),
  }
}

function solar(trailer: Trailer): CampingFacts['solar'] {
  const noted = equipmentOf(trailer, 'solar')
  if (!noted) return { panels: [{}], unread: ['equipment.solar'] }
  return {
    panels: noted.map(({ readings }) => ({
      watts: figure(readings, 'watts'),
      amps: figure(readings, 'controllerAmps'),
    })),
    unread: noted.flatMap((one) => unreadOf(one, ['watts', 'controllerAmps'])),
  }
}

function insulation(trailer: Trailer, key: 'wallInsulation' | 'roofInsulation' | 'floorInsulation'): Known {
  const value = trailerFigure(trailer, key)
  return value === undefined ? { unread: [`readings.${key}`] } : { value, unread: [] }
}
