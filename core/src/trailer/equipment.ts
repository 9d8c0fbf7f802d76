import { EQUIPMENT_KINDS, type EquipmentKind } from '../readings/catalogue'
import { isThere } from './drawn'
import type { Absent, AbsentKind, Equipment, Trailer } from './trailer'

/**
 * The equipment of a kind: as noted, none where somebody looked and found none, and undefined while nobody has
 * looked. Not noted is not none.
 */
export function equipmentOf({ equipment, absent = [] }: Trailer, kind: EquipmentKind): Equipment[] | undefined {
  const noted = equipment.filter((one) => one.kind === kind)
  return noted.length > 0 || absent.some((one) => one.kind === kind) ? noted : undefined
}

/**
 * The trailer with a kind of thing noted: there is one, to be read further, or there is none, by whom and when.
 * What is noted already stays as it is.
 */
export function withNoted(trailer: Trailer, kind: AbsentKind, there: boolean, seen: Omit<Absent, 'kind'>): Trailer {
  const others = (trailer.absent ?? []).filter((one) => one.kind !== kind)
  const { absent: _absent, ...rest } = trailer
  if (!there) return isThere(trailer, kind) ? trailer : { ...rest, absent: [...others, { kind, ...seen }] }
  const added = isEquipment(kind) && !isThere(trailer, kind) ? [{ id: freeId(trailer, kind), kind }] : []
  return {
    ...rest,
    equipment: [...trailer.equipment, ...added],
    ...(others.length && { absent: others }),
  }
}

const isEquipment = (kind: AbsentKind): kind is EquipmentKind => kind in EQUIPMENT_KINDS

/** An id that nothing else on the trailer has. */
function freeId({ equipment, plan }: Trailer, kind: string): string {
  const taken = new Set(
    [equipment, plan.fixtures, plan.outside, plan.compartments, plan.berths].flat().map(({ id }) => id),
  )
  for (let n = 1; ; n++) {
    const id = n === 1 ? kind : `${kind}-${n}`
    if (!taken.has(id)) return id
  }
}
