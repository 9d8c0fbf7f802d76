import { batteryOf, BEST, CHEMISTRIES, WORST, type Bank, type Battery } from './battery'
import type { Camp } from './camp'
import type { CampingFacts, Known } from './facts'
import type { CampingRules } from './rules'
import { heatLoss, USUAL_INSULATION } from './shell'

export const RESOURCES = ['fresh', 'gray', 'black', 'battery', 'propane'] as const
export type Resource = (typeof RESOURCES)[number]

/** A trailer as it is lived in, all of it known or taken. Gallons, Wh, W, BTU. */
export interface Rig {
  fresh: number
  gray: number
  galley: number
  black: number
  /** BTU in full cylinders. */
  propane: number
  battery: Battery
  /** Roof panels, W; what their controllers let through. */
  solar: number
  controller: number
  /** BTU/h into the room, and its fan, W at full duty; none where there is no furnace. */
  furnace: number
  furnaceFan: number
  /** BTU/h for each degree F. */
  heatLoss: number
  /** At 75 F: W from the battery, BTU/h of gas. */
  fridge: number
  fridgeGas: number
  /** Of use where there is power: BTU/h of an electric fireplace, a water heater that runs on it, a refrigerator too. */
  fireplace: number
  electricWater: boolean
  /** Of what is plugged in, what the battery feeds: all where there may be an inverter, nothing where there is none. */
  outlets: 0 | 1
}

/** `least`: whatever nobody read is as bad as it can be; `most`: as good. */
export type End = 'least' | 'most'

/** Larger than any tank or bank: what may be in one that nobody read. */
const PLENTY = 1e6
const LARGEST_FURNACE = 60_000
const NEXT_TO_NOTHING = 1e-6
const CHARGING_VOLTS = 13.6

/** `shell`: the same for its insulation alone, which no tape reads. */
export function rigOf(facts: CampingFacts, end: End, rules: CampingRules, shell: End = end): Rig {
  const good = end === 'most'
  const of = ({ value }: Known): number => value ?? (good ? PLENTY : 0)
  // One that nobody read burns and draws as a large one at the least, and as none at the most.
  const input = facts.furnace.value ?? (good ? 0 : LARGEST_FURNACE)
  const usual = USUAL_INSULATION[shell]
  // Nothing is built poorer than the poor, whatever is claimed of it.
  const read = ({ value }: Known, poor: number): number | undefined =>
    value === undefined ? undefined : Math.max(poor, value * rules.claimedInsulation)
  const { least } = USUAL_INSULATION
  return {
    fresh: of(facts.fresh),
    gray: of(facts.gray),
    // One that nobody read is a tank of its own all the same: at the least it is full at once.
    galley: facts.galley.value ?? (good ? PLENTY : NEXT_TO_NOTHING),
    black: of(facts.black),
    propane: facts.propane.value === undefined ? of(facts.propane) * 1_000 : facts.propane.value * rules.propane,
    battery: batteryOf(
      facts.batteries.banks.map(({ ampHours, chemistry }): Bank => ({
        ampHours: ampHours ?? (good ? PLENTY : 0),
        kind: chemistry ? CHEMISTRIES[chemistry] : good ? BEST : WORST,
      })),
    ),
    ...sunOf(facts, good),
    furnace: input * rules.burnerEfficiency * rules.ducts,
    furnaceFan: (input / 1_000) * rules.furnaceFan,
    heatLoss: heatLoss(facts.shell, {
      walls: read(facts.insulation.walls, least.walls) ?? usual.walls,
      roof: read(facts.insulation.roof, least.roof) ?? usual.roof,
      floor: read(facts.insulation.floor, least.floor) ?? usual.floor,
      airChanges: usual.airChanges,
    }),
    fireplace: facts.fireplace ? rules.fireplace : 0,
    electricWater: facts.heater.fuel === undefined ? good : facts.heater.fuel === 'gas and electric',
    outlets: facts.inverter.value === undefined ? (good ? 0 : 1) : facts.inverter.value > 0 ? 1 : 0,
    ...fridgeOf(facts, good, rules),
  }
}

function sunOf({ solar }: CampingFacts, good: boolean): Pick<Rig, 'solar' | 'controller'> {
  let [watts, controller] = [0, 0]
  for (const panel of solar.panels) {
    const panelWatts = panel.watts ?? (good ? PLENTY : 0)
    watts += panelWatts
    controller += panel.amps === undefined ? (good ? PLENTY : 0) : panel.amps * CHARGING_VOLTS
  }
  return { solar: watts, controller }
}

/** Refrigerators as they are built in, cu ft. */
const SMALLEST = 3
const LARGEST = 28

/** One of which nobody knows the kind draws on battery and gas alike at the least, and on neither at the most. */
function fridgeOf({ fridge }: CampingFacts, good: boolean, rules: CampingRules): Pick<Rig, 'fridge' | 'fridgeGas'> {
  if (!fridge) return { fridge: 0, fridgeGas: 0 }
  const { kind, cubicFeet = good ? SMALLEST : LARGEST } = fridge
  const compressor = rules.fridge + rules.fridgePerFoot * cubicFeet
  if (kind === '12 V compressor') return { fridge: compressor, fridgeGas: 0 }
  if (kind === '120 V') return { fridge: rules.houseFridge / rules.inverterEfficiency, fridgeGas: 0 }
  if (kind === 'gas-electric') return { fridge: rules.gasFridgeBoard, fridgeGas: rules.gasFridge }
  return good
    ? { fridge: rules.gasFridgeBoard, fridgeGas: 0 }
    : { fridge: Math.max(compressor, rules.houseFridge / rules.inverterEfficiency), fridgeGas: rules.gasFridge }
}

/** The readings that nobody took and on which each resource hangs, but for insulation. */
export function unreadFor(
  facts: CampingFacts,
  { power, pluggedIn }: Pick<Camp, 'power' | 'pluggedIn'>,
): Record<Resource, string[]> {
  const fridge = facts.fridge?.unread ?? []
  const { heater } = facts
  const fuel = power && !heater.none && heater.fuel === undefined ? [`${heater.key}.fuel`] : []
  return {
    fresh: facts.fresh.unread,
    gray: [...facts.gray.unread, ...facts.galley.unread],
    black: facts.black.unread,
    battery: [
      ...facts.furnace.unread,
      ...facts.batteries.unread,
      ...facts.solar.unread,
      ...fridge,
      ...(pluggedIn.length ? facts.inverter.unread : []),
    ],
    propane: [
      ...facts.furnace.unread,
      ...facts.propane.unread,
      ...fuel,
      ...fridge.filter((key) => !key.endsWith('.capacity')),
    ],
  }
}
