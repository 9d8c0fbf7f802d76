import type { Resource } from '@hitchet/core/camping/rig'

export const RESOURCE_NAMES: Record<Resource, string> = {
  fresh: 'Fresh water',
  gray: 'Gray tank',
  black: 'Black tank',
  battery: 'Battery',
  propane: 'Propane',
}
