import { useMemo, useState, type Dispatch } from 'react'
import { itemsOf, withBounds, type Item } from '@hitchet/core/editing/item'
import { placed } from '@hitchet/core/editing/placed'
import { seated } from '@hitchet/core/editing/riding'
import type { ShelfEntry } from '@hitchet/core/editing/shelf'
import { snapped, type Guide } from '@hitchet/core/editing/snap'
import type { Plan } from '@hitchet/core/plan/plan'
import type { Bounds, Point } from '@hitchet/core/plan/shape/shape'
import { bodiesAt, type TimeOfDay } from '@hitchet/core/plan/times'
import type { Board, Step } from './drawing'

/** What is in hand and what the hand does with it: chosen, put down from the shelf, moved, stretched, changed. */
export function useDrawing({ history, chosen }: Board, step: Dispatch<Step>) {
  const plan = history.now
  const [time, setTime] = useState<TimeOfDay>('parked')
  const [held, setHeld] = useState<ShelfEntry>()
  const [guides, setGuides] = useState<Guide[]>([])
  const [dragging, setDragging] = useState(false)
  const [inRooms, setInRooms] = useState(false)
  const made = useMemo(() => plan.conversions.map(({ id }) => id), [plan])
  const items = useMemo(
    () => (inRooms ? itemsOf(plan).filter(({ list }) => list === 'rooms') : itemsAt(plan, time, made)),
    [plan, time, made, inRooms],
  )
  const inHand = items.filter(({ id }) => chosen.includes(id))
  return {
    plan,
    time,
    setTime,
    held,
    setHeld,
    guides,
    dragging,
    inRooms,
    made,
    items,
    inHand,
    workOn(rooms: boolean) {
      setInRooms(rooms)
      step({ do: 'choose', ids: [] })
    },
    choose: (id: string | undefined, more: boolean) => step({ do: 'choose', ids: withChosen(chosen, id, more) }),
    place(entry: ShelfEntry, at: Point) {
      const { plan: next, id } = placed(plan, entry, at)
      const down = itemsOf(next).find((item) => item.id === id && item.list === entry.list)!
      const lying =
        entry.list === 'fixtures' || entry.list === 'berths'
          ? withBounds(next, down, snapped(next, down, down.bounds).bounds)
          : next
      step({ do: 'change', to: seated(lying, down), chosen: [id] })
      setHeld(undefined)
      setInRooms(entry.list === 'rooms')
      requestAnimationFrame(() => document.querySelector<SVGElement>(`[data-item="${id}"]`)?.focus())
    },
    change(to: Plan, ids?: string[]) {
      step({ do: 'change', to, ...(ids && { chosen: ids }) })
      // A bed that is made up is there at night.
      if (to.berths.some(({ id, conversion }) => conversion && ids?.includes(id))) setTime('night')
    },
    move(grabbed: Item, to: Bounds, { first, free }: { first: boolean; free: boolean }) {
      // Where it is by now: the hand may have grabbed it many moments ago.
      const item = items.find(({ id, list }) => id === grabbed.id && list === grabbed.list) ?? grabbed
      const { bounds, guides: lines } = free
        ? { bounds: to, guides: [] }
        : isMoved(item, to)
          ? snapped(plan, item, to)
          : { bounds: rounded(to), guides: [] }
      setGuides(lines)
      setDragging(true)
      step({ do: first ? 'change' : 'go on', to: movedTogether(plan, item, bounds, isMoved(item, to) ? inHand : []) })
    },
    letGo() {
      setGuides([])
      setDragging(false)
    },
  }
}

/** Pressed: in hand alone, or, with `more`, along with what is in hand or taken out of it. Beside everything: nothing. */
function withChosen(chosen: readonly string[], id: string | undefined, more: boolean): string[] {
  if (!id) return []
  if (!more) return [id]
  return chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id]
}

/** The plan with a thing at its new place; others in hand come along by as much. */
function movedTogether(plan: Plan, item: Item, bounds: Bounds, inHand: readonly Item[]): Plan {
  const [dx, dy] = [bounds.x0 - item.bounds.x0, bounds.y0 - item.bounds.y0]
  const along = inHand.filter(({ id }) => id !== item.id)
  const next = along.reduce(
    (now, other) =>
      withBounds(now, other, {
        x0: other.bounds.x0 + dx,
        x1: other.bounds.x1 + dx,
        y0: other.bounds.y0 + dy,
        y1: other.bounds.y1 + dy,
      }),
    withBounds(plan, item, bounds),
  )
  return [item, ...along].reduce(seated, next)
}

/**
 * What is there at a time of day can be taken in hand then; rooms lie under all else and are taken in hand by
 * themselves.
 */
function itemsAt(plan: Plan, time: TimeOfDay, made: string[]): Item[] {
  const present = new Set(bodiesAt(plan, time, made).map(({ id }) => id))
  return itemsOf(plan).filter(
    ({ list, id }) => list !== 'rooms' && ((list !== 'fixtures' && list !== 'berths') || present.has(id)),
  )
}

/** Moved as it is, neither stretched nor turned. */
const isMoved = ({ bounds }: Item, to: Bounds): boolean =>
  Math.abs(to.x1 - to.x0 - (bounds.x1 - bounds.x0)) < 1e-6 && Math.abs(to.y1 - to.y0 - (bounds.y1 - bounds.y0)) < 1e-6

const rounded = ({ x0, x1, y0, y1 }: Bounds): Bounds => ({
  x0: Math.round(x0),
  x1: Math.round(x1),
  y0: Math.round(y0),
  y1: Math.round(y1),
})
