import type { FixtureKind } from '../readings/catalogue'
import { figure } from '../readings/reading'
import { CONVERTIBLE_KINDS } from './convertible'
import { bay, inside, travelOf, type Body, type TimeOfDay } from './times'
import type { OutsideItem, Plan } from './plan'
import { moved, type Bounds, type Shape } from './shape/shape'

/** What something that is used from outside takes up inside, behind its wall. */
export interface TakenInside {
  id: string
  shape: Shape
  /** Height above the floor from and to, inches. */
  band: readonly [number, number]
}

/** An outside kitchen whose depth nobody measured goes in about so far, and so high (common practice), inches. */
const KITCHEN = { depth: 20, band: [0, 40] as const }
/** A bay is as high as a bed's or a bench's base (common practice), inches. */
const BAY = { band: [0, 20] as const }

/** A cabinet, a counter's or a bench's base, a bed: what is hollow has room for it. */
const HOLLOW = new Set<FixtureKind>([
  'counter',
  'island',
  'cabinet',
  'tall-cabinet',
  'wardrobe',
  'pantry',
  'linen',
  'nightstand',
  'desk',
  'fireplace',
  ...CONVERTIBLE_KINDS,
])

/**
 * Outside kitchens, and bays whose depth was measured, as bodies inside. What is in the wall of a slide takes room in that
 * slide while it is out, and comes in with it.
 */
export function takenInside(plan: Plan, time: TimeOfDay = 'parked'): TakenInside[] {
  return plan.outside.flatMap((item): TakenInside[] => {
    const measured = figure(item.readings, 'depth')
    const depth =
      item.kind === 'outside-kitchen' ? (measured ?? KITCHEN.depth) : item.kind === 'bay' ? measured : undefined
    if (depth === undefined) return []
    const slide = plan.slides.find((one) => isIn(one, item))
    const shape = behind(slide ? bay(plan, slide) : inside(plan), item, depth)
    return [
      {
        id: item.id,
        shape: slide && time === 'road' ? moved(shape, ...travelOf(slide)) : shape,
        band: item.kind === 'outside-kitchen' ? KITCHEN.band : BAY.band,
      },
    ]
  })
}

/** Whether something has room for what is used from outside: a cabinet, or what is built into one, or a bed. */
export const hasHollow = ({ fixture, berth, band }: Body): boolean =>
  berth !== undefined || (fixture !== undefined && (HOLLOW.has(fixture.kind) || band[0] > 0))

const isIn = (slide: Plan['slides'][number], { wall, start, length }: OutsideItem): boolean =>
  slide.wall === wall && start + length / 2 > slide.start && start + length / 2 < slide.start + slide.length

function behind({ x0, y0, x1, y1 }: Bounds, { wall, start, length }: OutsideItem, depth: number): Shape {
  if (wall === 'off-door') return { rect: [start, y0, length, depth] }
  if (wall === 'door') return { rect: [start, y1 - depth, length, depth] }
  if (wall === 'front') return { rect: [x0, start, depth, length] }
  return { rect: [x1 - depth, start, depth, length] }
}
