import type { EquipmentKind } from '../readings/catalogue'
import type { Equipment, Trailer } from './trailer'

/**
 * The equipment of a kind: as noted, none where somebody looked and found none, and undefined while nobody has
 * looked. Not noted is not none.
 */
export function equipmentOf({ equipment, absent = [] }: Trailer, kind: EquipmentKind): Equipment[] | undefined {
  const noted = equipment.filter((one) => one.kind === kind)
  return noted.length > 0 || absent.some((one) => one.kind === kind) ? noted : undefined
}
