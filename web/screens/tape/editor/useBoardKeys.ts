import { doubled, flipped, itemsOf, shift, turned, withBounds, without, type Item } from '@hitchet/core/editing/item'
import { seated } from '@hitchet/core/editing/riding'
import type { Plan } from '@hitchet/core/plan/plan'
import { useKeyboard } from '../../shell/useKeys'
import type { Step } from './drawing'

const ARROWS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}
/** Inches at one press: with Shift half a foot. */
const FAR = 6

/** Everything that the hand can do, by keyboard. Arrows move, with Ctrl they stretch; silent while someone types. */
export function useBoardKeys(plan: Plan, chosen: string[], step: (step: Step) => void): void {
  useKeyboard((event) => {
    const next = keyStep(event, plan, chosen)
    if (next) step(next)
    return next !== undefined
  })
}

/** What a key asks for; undefined when it is none of ours. */
export function keyStep(
  event: Pick<KeyboardEvent, 'key' | 'ctrlKey' | 'metaKey' | 'shiftKey' | 'altKey'>,
  plan: Plan,
  chosen: string[],
): Step | undefined {
  const command = event.ctrlKey || event.metaKey
  const key = event.key.length === 1 ? event.key.toLowerCase() : event.key
  if (command && key === 'z') return { do: event.shiftKey ? 'redo' : 'undo' }
  if (command && key === 'y') return { do: 'redo' }
  if (key === 'Escape') return { do: 'choose', ids: [] }
  const items = itemsOf(plan).filter(({ id }) => chosen.includes(id))
  if (items.length === 0) return undefined
  if (ARROWS[key]) return { do: 'change', to: nudged(plan, items, ARROWS[key], event.shiftKey ? FAR : 1, command) }
  if (key === 'Delete' || key === 'Backspace') return { do: 'change', to: without(plan, chosen), chosen: [] }
  if (command && key === 'd') return doubledAll(plan, items)
  if (command || event.altKey) return undefined
  if (key === 'q') return { do: 'change', to: items.reduce(turned, plan) }
  if (key === 'f') return { do: 'change', to: items.reduce(flipped, plan) }
  return undefined
}

function nudged(plan: Plan, items: readonly Item[], [dx, dy]: [number, number], by: number, stretch: boolean): Plan {
  return items.reduce((now, item) => {
    const { x0, x1, y0, y1 } = item.bounds
    const to = stretch
      ? {
          x0,
          y0,
          x1: Math.max(x0 + Math.min(1, x1 - x0), x1 + dx * by),
          y1: Math.max(y0 + Math.min(1, y1 - y0), y1 + dy * by),
        }
      : shift(item.bounds, dx * by, dy * by)
    return seated(withBounds(now, item, to), item)
  }, plan)
}

export function doubledAll(plan: Plan, items: readonly Item[]): Step {
  const ids: string[] = []
  const to = items.reduce((now, item) => {
    const { plan: next, id } = doubled(now, item)
    ids.push(id)
    return seated(next, { list: item.list, id })
  }, plan)
  return { do: 'change', to, chosen: ids }
}
