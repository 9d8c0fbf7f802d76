import type { Door, Plan } from './plan'

/** More ways than these of hanging all doors together are not all tried: then one door at a time. */
const MOST = 8

/** Inside doors of which nobody noted on which jamb they turn, or into which room. */
export const unhung = ({ doors }: Pick<Plan, 'doors'>): Door[] =>
  doors.filter(({ kind, hinge, opens }) => kind === 'swing' && (hinge === undefined || opens === undefined))

/**
 * The drawing with its doors hung in every other way that they may be: on the one jamb or the other, into the one room or the
 * other. None where all is noted.
 */
export function hungWays(plan: Plan): Plan[] {
  const ways = unhung(plan).map(waysOf)
  const all = ways.reduce((sum, { length }) => sum * length, 1)
  const chosen =
    all <= MOST
      ? ways.reduce<Door[][]>((some, own) => some.flatMap((one) => own.map((door) => [...one, door])), [[]])
      : [[], ...ways.flatMap((own) => own.map((door) => [door]))]
  const [, ...others] = chosen
  return others.map((hung) => ({
    ...plan,
    doors: plan.doors.map((door) => hung.find(({ id }) => id === door.id) ?? door),
  }))
}

/** As it is taken where nobody noted it, then the others. */
function waysOf(door: Door): Door[] {
  const across = door.from[1] === door.to[1]
  const opens = door.opens ? [door.opens] : across ? (['door', 'off-door'] as const) : (['rear', 'front'] as const)
  const hinges = door.hinge ? [door.hinge] : (['from', 'to'] as const)
  return opens.flatMap((side) => hinges.map((hinge) => ({ ...door, hinge, opens: side })))
}
