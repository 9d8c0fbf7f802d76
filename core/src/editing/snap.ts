import type { Plan } from '../plan/plan'
import type { Bounds } from '../plan/shape/shape'
import { inside } from '../plan/times'
import { itemsOf, shift, type Item } from './item'

/** An edge that a moved thing has come to lie on: at `at`, inches, up and down or along. */
export interface Guide {
  axis: 'x' | 'y'
  at: number
}

export interface Snapped {
  bounds: Bounds
  guides: Guide[]
}

/** Closer than this an edge is meant, inches. */
export const NEAR = 2.5

/**
 * Bounds moved to where the hand most likely wants them: onto an outer wall's inside face, a slide's, or the edge
 * or middle of another thing where one is near; otherwise to the whole inch. Each axis for itself.
 */
export function snapped(plan: Plan, moving: Pick<Item, 'list' | 'id'>, to: Bounds): Snapped {
  const { x0, y0, x1, y1 } = inside(plan)
  const others = itemsOf(plan)
    .filter(({ id, list }) => id !== moving.id && list !== 'rooms' && list !== 'outside')
    .map(({ bounds }) => bounds)
  const edges = {
    x: [x0, x1, ...others.flatMap((box) => [box.x0, box.x1])],
    y: [y0, y1, ...others.flatMap((box) => [box.y0, box.y1])],
  }
  const dx = pull([to.x0, to.x1], edges.x)
  const dy = pull([to.y0, to.y1], edges.y)
  const bounds = shift(to, dx.by, dy.by)
  const guides: Guide[] = [
    ...(dx.edge === undefined ? [] : [{ axis: 'x', at: dx.edge } as const]),
    ...(dy.edge === undefined ? [] : [{ axis: 'y', at: dy.edge } as const]),
  ]
  return { bounds, guides }
}

/** How far to move so that one of some edges lies on one of others; to the whole inch when none is near. */
function pull(own: readonly [number, number], edges: readonly number[]): { by: number; edge?: number } {
  let best: { by: number; edge?: number } | undefined
  for (const edge of edges)
    for (const mine of own)
      if (Math.abs(edge - mine) <= NEAR && (!best || Math.abs(edge - mine) < Math.abs(best.by)))
        best = { by: edge - mine, edge }
  return best ?? { by: Math.round(own[0]) - own[0] }
}

/** Several things lined up on the outermost edge of them. */
export function aligned(
  items: readonly Item[],
  edge: 'front' | 'rear' | 'off-door' | 'door',
): { item: Item; to: Bounds }[] {
  const of = {
    front: Math.min(...items.map(({ bounds }) => bounds.x0)),
    rear: Math.max(...items.map(({ bounds }) => bounds.x1)),
    'off-door': Math.min(...items.map(({ bounds }) => bounds.y0)),
    door: Math.max(...items.map(({ bounds }) => bounds.y1)),
  }[edge]
  return items.map((item) => {
    const { x0, x1, y0, y1 } = item.bounds
    const by = { front: [of - x0, 0], rear: [of - x1, 0], 'off-door': [0, of - y0], door: [0, of - y1] }[edge] as [
      number,
      number,
    ]
    return { item, to: shift(item.bounds, ...by) }
  })
}
