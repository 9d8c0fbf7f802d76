import type { Plan } from '../plan/plan'
import { bounds, meets, type Shape } from '../plan/shape/shape'
import { bay, inside } from '../plan/times'
import type { Item } from './item'

/**
 * What stands in a slide's bay rides in it; what was moved out of it no longer does. Canvas ends carry beds in
 * the same way.
 */
export function seated(plan: Plan, { list, id }: Pick<Item, 'list' | 'id'>): Plan {
  if (list === 'fixtures')
    return {
      ...plan,
      fixtures: plan.fixtures.map((one) =>
        one.id === id ? carried(one, { slide: carrierOf(plan, plan.slides, one.shape) }) : one,
      ),
    }
  if (list === 'berths')
    return {
      ...plan,
      berths: plan.berths.map((one) =>
        one.id === id
          ? carried(one, {
              slide: carrierOf(plan, plan.slides, one.shape),
              canvasEnd: carrierOf(plan, plan.canvasEnds, one.shape),
            })
          : one,
      ),
    }
  return plan
}

function carrierOf(plan: Plan, carriers: Plan['slides'] | Plan['canvasEnds'], shape: Shape): string | undefined {
  const own = bounds(shape)
  const frame = inside(plan)
  return carriers.find((one) => {
    const out = {
      'off-door': own.y0 < frame.y0,
      door: own.y1 > frame.y1,
      front: own.x0 < frame.x0,
      rear: own.x1 > frame.x1,
    }[one.wall]
    return out && meets(own, bay(plan, one))
  })?.id
}

function carried<T extends { slide?: string; canvasEnd?: string }>(
  one: T,
  by: { slide?: string; canvasEnd?: string },
): T {
  const { slide: _slide, canvasEnd: _canvasEnd, ...rest } = one
  return { ...rest, ...(by.slide && { slide: by.slide }), ...(by.canvasEnd && { canvasEnd: by.canvasEnd }) } as T
}
