import { DOOR_KINDS } from '../../readings/catalogue'
import { outerWall } from '../facing'
import type { OutsideItem, Plan } from '../plan'

/** How much of something on an outer wall an awning covers, as a share from 0 to 1. */
export interface Cover {
  id: string
  what: 'door' | 'outside kitchen'
  share: number
}

/** What of the doors and the outside kitchen is under an awning: along the wall, several awnings together. */
export function awningCover({ doors, outside, box }: Plan): Cover[] {
  const awnings = outside.filter(({ kind }) => kind === 'awning')
  const entries = doors
    .filter(({ kind }) => DOOR_KINDS[kind].outer && kind !== 'ramp')
    .map(({ id, from, to }) => {
      const wall = outerWall({ box }, { from, to })
      const along = from[1] === to[1]
      const [a, b] = along ? [from[0], to[0]] : [from[1], to[1]]
      return { id, what: 'door' as const, wall, start: Math.min(a, b), length: Math.abs(b - a) }
    })
  const kitchens = outside
    .filter(({ kind }) => kind === 'outside-kitchen')
    .map((item) => ({ ...item, what: 'outside kitchen' as const }))
  return [...entries, ...kitchens].map(({ id, what, ...item }) => ({ id, what, share: covered(item, awnings) }))
}

function covered(
  { wall, start, length }: Pick<OutsideItem, 'wall' | 'start' | 'length'>,
  awnings: readonly OutsideItem[],
): number {
  let [at, sum] = [start, 0]
  for (const awning of awnings.filter((one) => one.wall === wall).sort((a, b) => a.start - b.start)) {
    const [from, to] = [Math.max(at, awning.start), Math.min(start + length, awning.start + awning.length)]
    if (to > from) [at, sum] = [to, sum + to - from]
  }
  return length ? sum / length : 0
}
