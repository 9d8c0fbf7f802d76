import type { Compartment, Plan } from '../plan/plan'
import { freshId } from './item'

/** A bay as it is usually found at the front: through from side to side, a door in each (common practice). */
export function withBay(plan: Plan): { plan: Plan; id: string } {
  const first = plan.compartments.length === 0
  const id = freshId(plan, first ? 'pass-through' : 'bay')
  const door = { width: 24, height: 20 }
  const bay: Compartment = {
    id,
    name: first ? 'Pass-through' : 'Bay',
    place: 'outside',
    size: [26, Math.round(plan.box.width - 6), 22],
    openings: [
      { wall: 'door', ...door },
      { wall: 'off-door', ...door },
    ],
    at: Math.round(plan.box.wall + 17),
  }
  return { plan: { ...plan, compartments: [...plan.compartments, bay] }, id }
}

/** The plan with one of its bays otherwise. */
export const alteredBay = (plan: Plan, id: string, change: Partial<Compartment>): Plan => ({
  ...plan,
  compartments: plan.compartments.map((one) => (one.id === id ? { ...one, ...change } : one)),
})

export const withoutBay = (plan: Plan, id: string): Plan => ({
  ...plan,
  compartments: plan.compartments.filter((one) => one.id !== id),
})
