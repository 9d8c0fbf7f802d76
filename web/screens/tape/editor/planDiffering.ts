import { itemsOf, type Item } from '@hitchet/core/editing/item'
import { withoutReadings } from '@hitchet/core/editing/planReadings'
import type { Plan } from '@hitchet/core/plan/plan'
import { formatQuantity, type MeasureSystem } from '@hitchet/core/quantity/format'
import { inches } from '@hitchet/core/quantity/quantity'
import { differing, type Differing } from '../../differing'

/**
 * Where two versions of a plan differ, thing by thing, in the words of the drawing board; then whatever else
 * was chosen otherwise.
 */
export function planDiffering(mine: Plan, theirs: Plan, system: MeasureSystem): Differing[] {
  const [own, other] = [itemsOf(mine), itemsOf(theirs)]
  const same = (a: Item, b: Item) => a.id === b.id && a.list === b.list
  const onlyMine = own.filter((item) => !other.some((one) => same(one, item)))
  const onlyTheirs = other.filter((item) => !own.some((one) => same(one, item)))
  const moved = own.flatMap((item) =>
    placesOf(
      item,
      other.find((one) => same(one, item)),
      system,
    ),
  )
  const shared = (plan: Plan, gone: Item[]) => withoutPlaces(plan, new Set(gone.map(({ id }) => id)))
  return [
    ...onlyMine.map(({ name }): Differing => ({ path: name, mine: 'there', theirs: 'not there' })),
    ...onlyTheirs.map(({ name }): Differing => ({ path: name, mine: 'not there', theirs: 'there' })),
    ...moved,
    ...differing(shared(mine, onlyMine), shared(theirs, onlyTheirs)),
  ]
}

function placesOf(mine: Item, theirs: Item | undefined, system: MeasureSystem): Differing[] {
  if (!theirs) return []
  const say = (value: number) => formatQuantity(inches(Math.round(value * 8) / 8), system)
  const of = ({ bounds: { x0, x1, y0, y1 } }: Item) => ({
    'from the front': x0,
    'from the off-door side': y0,
    along: x1 - x0,
    across: y1 - y0,
  })
  const [own, other] = [of(mine), of(theirs)]
  return (Object.keys(own) as (keyof typeof own)[]).flatMap((key) =>
    own[key] === other[key] ? [] : [{ path: `${mine.name}, ${key}`, mine: say(own[key]), theirs: say(other[key]) }],
  )
}

/**
 * What is left of a plan when places and readings are left out; each thing by its id, so that like is compared
 * with like.
 */
function withoutPlaces(plan: Plan, gone: ReadonlySet<string>): Record<string, unknown> {
  const lists = Object.entries(withoutReadings(plan)).map(([list, value]) => {
    if (!Array.isArray(value)) return [list, value]
    const kept = (value as ({ id: string } & Record<string, unknown>)[]).filter(({ id }) => !gone.has(id))
    return [
      list,
      Object.fromEntries(
        kept.map(
          ({ id, shape: _shape, from: _from, to: _to, start: _start, length: _length, depth: _depth, ...rest }) => [
            id,
            rest,
          ],
        ),
      ),
    ]
  })
  return Object.fromEntries(lists)
}
