import type { Household } from './household'
import { STANCE_IDS } from './wishes/stances'

/**
 * The household with each of its lists in one order, whatever order they were told in: people from the oldest to the
 * youngest, all else by id. Answers and words don't depend on who was named first.
 */
export function inOrder(household: Household): Household {
  const { people, pets, gear, wishes, stances, vehicle, sure } = household
  const byId = (a: { id: string }, b: { id: string }) => compare(a.id, b.id)
  return {
    ...household,
    people: [...people]
      .sort((a, b) => b.age - a.age || byId(a, b))
      .map((one) => ({
        ...one,
        ...(one.sharesWith && { sharesWith: [...one.sharesWith].sort() }),
        ...(one.neverBeside && { neverBeside: [...one.neverBeside].sort() }),
        ...(one.needs && { needs: [...one.needs].sort() }),
      })),
    pets: [...pets].sort(byId),
    gear: [...gear].sort(byId),
    ...(wishes && {
      wishes: [...wishes].sort((a, b) => compare(a.feature, b.feature) || compare(a.is ?? '', b.is ?? '')),
    }),
    ...(sure && { sure: [...sure].sort((a, b) => compare(a.figure, b.figure)) }),
    stances: Object.fromEntries(STANCE_IDS.flatMap((id) => (stances[id] ? [[id, stances[id]]] : []))),
    vehicle: {
      ...vehicle,
      readings: Object.fromEntries(Object.entries(vehicle.readings).sort(([a], [b]) => compare(a, b))),
      ...(vehicle.unknown && { unknown: [...vehicle.unknown].sort() }),
    },
  }
}

const compare = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0)
