import { DOOR_KINDS, FIXTURE_KINDS, OUTSIDE_KINDS } from '../readings/catalogue'
import { distanceTo } from './shape/distance'
import { outerId, outerWall } from './facing'
import { SIDES, type Plan, type Side } from './plan'

/** A thing on the plan as one speaks of it: `the sofa`, `the bath door`, `a wall`. */
export function nameOnPlan(plan: Plan, id: string): string {
  const side = SIDES.find((one) => outerId(one) === id)
  if (side) return `the ${sideWord(side)} wall`
  if (plan.walls.some((wall) => wall.id === id)) return 'a wall'
  const fixture = plan.fixtures.find((one) => one.id === id)
  if (fixture) return `the ${small(fixture.name ?? FIXTURE_KINDS[fixture.kind].name)}`
  const berth = plan.berths.find((one) => one.id === id)
  if (berth) return `the ${small(berth.name)}`
  const door = plan.doors.find((one) => one.id === id)
  if (door)
    return door.kind === 'entry'
      ? plan.doors.filter(({ kind }) => kind === 'entry').indexOf(door)
        ? 'the second entry door'
        : 'the entry door'
      : `the ${DOOR_KINDS[door.kind].outer ? small(DOOR_KINDS[door.kind].name) : id.replaceAll('-', ' ')}`
  const window = plan.windows.find((one) => one.id === id)
  if (window) return windowName(plan, window)
  const outside = plan.outside.find((one) => one.id === id)
  if (outside) return `the ${small(OUTSIDE_KINDS[outside.kind].name)}`
  if (plan.slides.some((slide) => slide.id === id)) return 'the end of the slide'
  return id.replaceAll('-', ' ')
}

/**
 * By the room it is in, the nearest, and of rooms as near one with beds; by its side too where the room has
 * another.
 */
function windowName(plan: Plan, window: Plan['windows'][number]): string {
  const room = roomBeside(plan, window)
  const kind = window.kind === 'exit' ? 'exit window' : 'window'
  const another = plan.windows.some(
    (other) => other !== window && other.kind === window.kind && roomBeside(plan, other) === room,
  )
  return `the ${another ? `${sideWord(outerWall(plan, window))} ` : ''}${kind}${room ? ` in the ${roomWord(room.name)}` : ''}`
}

/** The room that a window or an outer door belongs to: the nearest, a bedroom before another. */
export function roomBeside(
  plan: Plan,
  { from, to }: Pick<Plan['windows'][number], 'from' | 'to'>,
): Plan['rooms'][number] | undefined {
  const far = ({ shape }: Plan['rooms'][number]) => distanceTo(shape, [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2])
  return [...plan.rooms].sort((a, b) => far(a) - far(b) || Number(BEDS.has(b.kind)) - Number(BEDS.has(a.kind)))[0]
}

const sideWord = (side: Side): string => (side === 'door' ? 'door-side' : side)

const BEDS = new Set<string>(['bedroom', 'bunk room'])

/** A room within a sentence: `bedroom`, and `living area` for what is only called Living. */
export const roomWord = (name: string): string => (/^living$/i.test(name) ? 'living area' : small(name))

/** As a sentence begins: `The sofa`. */
export const capital = (name: string): string => name.charAt(0).toUpperCase() + name.slice(1)

/** `queen`, but still `U-dinette`. */
export const small = (name: string): string =>
  /^[A-Z][a-z]/.test(name) ? name.charAt(0).toLowerCase() + name.slice(1) : name
