import { takesAt, usableAt } from './battery'
import type { Camp } from './camp'
import { ARRIVE, onRoad, type Day } from './day'
import type { Resource, Rig } from './rig'
import { CRUMB, meanOf } from './stayOut'

/**
 * The hour after arrival in which a resource is out or full, as `stayOut` finds it, without going through the hours in which
 * nothing can happen: every day asks the same of tanks and cylinders, and a battery that is as full as it was a day before
 * will be so for ever; where they drive on, as it was when they last came. Undefined when it lasts so many nights.
 */
export function outAt(resource: Resource, rig: Rig, camp: Camp, day: Day, nights: number): number | undefined {
  const hours = 24 * nights
  const hour = hourOf(resource, rig, camp, day, hours)
  return hour === undefined || hour >= hours ? undefined : hour
}

function hourOf(resource: Resource, rig: Rig, camp: Camp, day: Day, hours: number): number | undefined {
  if (resource === 'fresh') return camp.water ? undefined : usedUp(rig.fresh, day.fresh)
  if (resource === 'propane') return usedUp(rig.propane, day.propane)
  if (resource === 'battery') return camp.power ? undefined : emptied(rig, day, hours)
  if (camp.sewer) return undefined
  if (resource === 'black') return usedUp(rig.black, day.black)
  if (rig.galley <= 0) return usedUp(rig.gray, day.grayWithGalley)
  const [gray, galley] = [usedUp(rig.gray, day.gray), usedUp(rig.galley, day.galley)]
  return gray === undefined ? galley : galley === undefined ? gray : Math.min(gray, galley)
}

/** When so much is used up, at the same hours every day; undefined where nothing is asked of it. */
function usedUp(holds: number, asked: readonly number[]): number | undefined {
  let total = 0
  for (const each of asked) total += each
  if (total <= 0) return undefined
  // Whole days first, but for one: rounding of a sum is no day.
  const days = Math.max(0, Math.floor(holds / total) - 1)
  let left = holds - days * total
  for (let h = 24 * days; ; h++) {
    left -= asked[(ARRIVE + h) % 24]!
    if (left < -CRUMB) return h
  }
}

function emptied({ battery }: Rig, day: Day, hours: number): number | undefined {
  const full = usableAt(battery, meanOf(day.temperature))
  const round = 24 * (day.road?.every ?? 1)
  let [held, before] = [full, Infinity]
  for (let h = 0; h < hours; h++) {
    const hour = (ARRIVE + h) % 24
    if (h % round === 0) {
      if (held === before) return undefined
      before = held
    }
    const { charge, load } = onRoad(day, h) ? day.road! : day
    const over = charge[hour]! - load[hour]!
    if (over >= 0) {
      const takes = full > 0 ? takesAt(battery, held / full, day.temperature[hour]!) : 0
      held += Math.min(over, takes, (full - held) / battery.returns) * battery.returns
    } else {
      if (-over - held > CRUMB) return h
      held = Math.max(0, held + over)
    }
  }
  return undefined
}
