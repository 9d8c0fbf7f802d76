import type { ReadingValue, Source } from '../readings/reading'

type Old = Record<string, unknown>

/**
 * Version 1 had bare figures: `"figures": { "uvw": 3555 }`, also on fixtures, berths and equipment.
 * Version 2 has readings with their source; nobody wrote one down, so a trailer's figures become `sheet`.
 */
export function trailerFromV1(old: Old): Old {
  const plan = old.plan as Old | undefined
  const carriers = ['slides', 'fixtures', 'berths', 'outside', 'compartments']
  return {
    ...sourced(old, 'sheet'),
    version: 2,
    equipment: each(old.equipment, 'sheet'),
    ...(plan && {
      plan: { ...plan, ...Object.fromEntries(carriers.map((list) => [list, each(plan[list], 'sheet')])) },
    }),
  }
}

/** Version 1 of a household had the vehicle's ratings as bare figures; they become `told`. */
export function householdFromV1(old: Old): Old {
  return { ...old, version: 2, vehicle: sourced(old.vehicle as Old, 'told') }
}

function each(list: unknown, source: Source): unknown {
  return Array.isArray(list)
    ? list.map((item) => (item && typeof item === 'object' ? sourced(item as Old, source) : item))
    : list
}

function sourced({ figures, ...rest }: Old, source: Source): Old {
  if (figures === undefined) return rest
  const readings = Object.entries(figures as Record<string, ReadingValue>).map(([key, value]) => [
    key,
    [{ value, source }],
  ])
  return { ...rest, readings: Object.fromEntries(readings) }
}
