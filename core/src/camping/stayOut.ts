import { takesAt, usableAt } from './battery'
import type { Camp } from './camp'
import { ARRIVE, LEAVE, onRoad, type Day } from './day'
import type { Resource, Rig } from './rig'

/** How a stay goes: of each resource the hour after arrival in which it is out or full, if it is within the hours reckoned. */
export interface Stay {
  hours: number
  out: Partial<Record<Resource, number>>
  ledger: Ledger
  /** After each hour, where a trace was asked for. */
  trace?: Trace
}

/** Everything that came, went and stayed: gallons, Wh, BTU. What was asked beyond the end is counted as short. */
export interface Ledger {
  water: { drawn: number; short: number; left: number; fromPost: number }
  gray: { came: number; refused: number; held: number }
  black: { came: number; refused: number; held: number }
  battery: {
    load: number
    short: number
    offered: number
    turnedAway: number
    lost: number
    before: number
    after: number
  }
  propane: { burned: number; short: number; left: number }
}

/** What is left of each after each hour, 1 to 0: of a waste tank its room. */
export type Trace = Record<Resource, number[]>

/** Rounding of a sum of many small figures is no shortage. */
export const CRUMB = 1e-9

/**
 * Hour by hour from arrival: each resource on its own, as if the others were made good, so that each has its own nights.
 * Water and energy are conserved: the ledger holds what came, went, stayed and fell short. Begins with fresh and propane
 * full, waste empty, battery full. Gallons, Wh, BTU.
 */
// eslint-disable-next-line complexity -- one fork for each thing that can run out first, in the order in which it is told
export function stayOut(rig: Rig, camp: Camp, day: Day, nights: number, traced = false): Stay {
  const hours = 24 * nights
  const out: Stay['out'] = {}
  const full = usableAt(rig.battery, meanOf(day.temperature))
  let [fresh, gray, galley, black, held, propane] = [rig.fresh, 0, 0, 0, full, rig.propane]
  const ledger: Ledger = {
    water: { drawn: 0, short: 0, left: 0, fromPost: 0 },
    gray: { came: 0, refused: 0, held: 0 },
    black: { came: 0, refused: 0, held: 0 },
    battery: { load: 0, short: 0, offered: 0, turnedAway: 0, lost: 0, before: full, after: 0 },
    propane: { burned: 0, short: 0, left: 0 },
  }
  const trace: Trace | undefined = traced ? { fresh: [], gray: [], black: [], battery: [], propane: [] } : undefined
  for (let h = 0; h < hours; h++) {
    const hour = (ARRIVE + h) % 24

    const drawn = day.fresh[hour]!
    ledger.water.drawn += drawn
    if (camp.water) ledger.water.fromPost += drawn
    else {
      const taken = Math.min(fresh, drawn)
      fresh -= taken
      ledger.water.short += drawn - taken
      if (drawn - taken > CRUMB) out.fresh ??= h
    }

    if (!camp.sewer) {
      // Without a tank of its own the galley drains into the gray.
      const toGray = day.gray[hour]! + (rig.galley > 0 ? 0 : day.galley[hour]!)
      const toGalley = rig.galley > 0 ? day.galley[hour]! : 0
      const [keptGray, keptGalley] = [Math.min(rig.gray - gray, toGray), Math.min(rig.galley - galley, toGalley)]
      gray += keptGray
      galley += keptGalley
      const refused = toGray - keptGray + (toGalley - keptGalley)
      ledger.gray.came += toGray + toGalley
      ledger.gray.refused += refused
      if (refused > CRUMB) out.gray ??= h

      const toBlack = day.black[hour]!
      const keptBlack = Math.min(rig.black - black, toBlack)
      black += keptBlack
      ledger.black.came += toBlack
      ledger.black.refused += toBlack - keptBlack
      if (toBlack - keptBlack > CRUMB) out.black ??= h
    }

    if (!camp.power) {
      const now = onRoad(day, h) ? day.road! : day
      const [load, offered] = [now.load[hour]!, now.charge[hour]!]
      ledger.battery.load += load
      ledger.battery.offered += offered
      const straight = Math.min(load, offered)
      const rest = offered - straight
      const takes = full > 0 ? takesAt(rig.battery, held / full, day.temperature[hour]!) : 0
      const room = (full - held) / rig.battery.returns
      const charged = Math.min(rest, takes, room)
      held += charged * rig.battery.returns
      ledger.battery.lost += charged * (1 - rig.battery.returns)
      ledger.battery.turnedAway += rest - charged
      const needed = load - straight
      const given = Math.min(held, needed)
      held -= given
      ledger.battery.short += needed - given
      if (needed - given > CRUMB) out.battery ??= h
    }

    const burned = day.propane[hour]!
    const had = Math.min(propane, burned)
    propane -= had
    ledger.propane.burned += burned
    ledger.propane.short += burned - had
    if (burned - had > CRUMB) out.propane ??= h

    if (trace) {
      trace.fresh.push(share(fresh, rig.fresh))
      trace.gray.push(
        Math.min(share(rig.gray - gray, rig.gray), rig.galley > 0 ? share(rig.galley - galley, rig.galley) : 1),
      )
      trace.black.push(share(rig.black - black, rig.black))
      trace.battery.push(share(held, full))
      trace.propane.push(share(propane, rig.propane))
    }
  }
  ledger.water.left = fresh
  ledger.gray.held = gray + galley
  ledger.black.held = black
  ledger.battery.after = held
  ledger.propane.left = propane
  return { hours, out, ledger, ...(trace && { trace }) }
}

const share = (left: number, of: number): number => (of > 0 ? left / of : 0)

export const meanOf = (all: readonly number[]): number => all.reduce((sum, one) => sum + one, 0) / all.length

/**
 * Whole nights until an hour after arrival: a night counts when it lasts until they would leave the next morning. Infinite
 * for what lasts as long as was reckoned.
 */
export const nightsUntil = (hour: number | undefined): number =>
  hour === undefined ? Infinity : Math.floor((hour + ARRIVE - LEAVE) / 24)
