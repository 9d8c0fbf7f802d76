import type { YardUnit } from './unit'

/** What a unit has beyond a bed, a kitchen and a bath, in the words that the filter understands. */
export function unitFeatures({
  bunks,
  doors,
  toilets,
  tub,
  oven,
  outsideKitchen,
  fresh,
}: Omit<YardUnit, 'known' | 'figures'>): string[] {
  return [
    ...(bunks ? [`${bunks} bunk${bunks === 1 ? '' : 's'}`] : []),
    ...(doors !== undefined && doors > 1 ? [`${doors} entry doors`] : []),
    ...(toilets !== undefined && toilets > 1 ? [`${toilets} baths`] : []),
    ...(tub ? ['tub'] : []),
    ...(oven ? ['oven'] : []),
    ...(outsideKitchen ? ['outside kitchen'] : []),
    ...(fresh === undefined ? [] : [`${fresh} gal fresh water`]),
  ]
}
