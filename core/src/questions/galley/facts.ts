import { awningCover } from '../../plan/living/awning'
import { beforeCounter } from '../../plan/living/beforeCounter'
import { campSight } from '../../plan/living/campSight'
import { counterSpace, type CounterSpace } from '../../plan/living/counter'
import { ofGeometry } from '../../plan/geometry'
import { nameOnPlan } from '../../plan/naming'
import type { Fixture, Side } from '../../plan/plan'
import { withOpened } from '../../plan/living/recliners'
import { area, bounds, type Bounds } from '../../plan/shape/shape'
import { knownSum } from '../../quantity/sum'
import { cubicFeet } from '../../quantity/volume'
import { figure, flag, word } from '../../readings/reading'
import { outsideLooked, toNote, unexplained } from '../../trailer/drawn'
import type { Trailer } from '../../trailer/trailer'
import type { GalleyRules } from './rules'

/** Absent: not read. A count of 0 means: looked, none there. */
export interface GalleyFacts {
  burners?: number
  oven: boolean
  /** A convection microwave, which bakes what is small. */
  convection: boolean
  fridge?: number
  fridgeKinds: string[]
  /** Refrigerators whose kind nobody read. */
  fridgeKindUnread: string[]
  prepCoversOn: CounterSpace['rectangles']
  prepCoversOff: CounterSpace['rectangles']
  /** All free counter, square inches. */
  counterOn: number
  counterOff: number
  outsideKitchen: boolean
  /** Share of the outside kitchen under an awning; absent without one. */
  kitchenCover?: number
  /** What stands in front of the counters, and how many inches of their front it takes. */
  before: { name: string; takes: number }[]
  /** The same while all that reclines is opened, and every lounge set as a dinette (`set`). */
  openedBefore: { name: string; takes: number; set?: true }[]
  /** The larger bowl across its shorter side, and how deep it is where read. */
  bowl?: { across: number; depth?: number }
  /** Inside depths of the overheads, read or else by the plan. */
  overheads: number[]
  /** Outside sizes of the pantries, in cubic feet. */
  pantry: number
  /** Vents outside, only recirculates, or nobody looked; absent without a hood. */
  hood?: 'vented' | 'recirculating' | { read: string }
  /** Length of the outside kitchen along its wall. */
  outsideLength?: number
  /** Whether whoever cooks sees the side on which one camps: through which window, and from the outside kitchen. */
  watches: { side: Side; kitchen?: string | false; outside?: boolean }
  unread: string[]
  /** Readings that tell of what is neither drawn nor noted as not there. */
  unnoted: { cooktop?: string; fridge?: string; sink?: string; outside?: string; inside: string[] }
}

export function galleyFacts(
  trailer: Trailer,
  { pantryHeight, sinkRim }: Pick<GalleyRules, 'pantryHeight' | 'sinkRim'>,
): GalleyFacts {
  const { plan } = trailer
  const [on, off] = [counterSpace(plan, 'on'), counterSpace(plan, 'off')]
  const outside = plan.outside.find(({ kind }) => kind === 'outside-kitchen')
  const cooktops = plan.fixtures.filter(({ kind }) => kind === 'cooktop')
  const fridges = plan.fixtures.filter(({ kind }) => kind === 'fridge')
  const unread = [
    ...cooktops
      .filter(({ readings }) => figure(readings, 'burners') === undefined)
      .map(({ id }) => `plan.fixtures.${id}.burners`),
    ...fridges
      .filter(({ readings }) => figure(readings, 'capacity') === undefined)
      .map(({ id }) => `plan.fixtures.${id}.capacity`),
  ]
  const [sinks, hoods] = [
    plan.fixtures.filter(({ kind }) => kind === 'sink'),
    plan.fixtures.filter(({ kind }) => kind === 'hood'),
  ]
  const bowls = sinks
    .map(({ shape, readings }) => ({
      across: bowlAcross(bounds(shape), figure(readings, 'bowls') ?? 1, sinkRim),
      depth: figure(readings, 'depth'),
    }))
    .sort((a, b) => b.across - a.across)
  return {
    ...(bowls[0] && { bowl: bowls[0] }),
    overheads: plan.fixtures
      .filter(({ kind }) => kind === 'overhead')
      .map(({ shape, readings }) => figure(readings, 'depth') ?? Math.min(...sidesOf(bounds(shape))) - 1),
    pantry: plan.fixtures
      .filter(({ kind }) => kind === 'pantry')
      .reduce((sum, { shape }) => sum + cubicFeet(area(shape) * pantryHeight), 0),
    ...(hoods[0] && { hood: hoodOf(hoods[0]) }),
    ...(outside && { outsideLength: outside.length }),
    burners: knownSum(cooktops.map(({ readings }) => figure(readings, 'burners'))),
    oven: plan.fixtures.some(({ kind }) => kind === 'oven'),
    convection: plan.fixtures.some(
      ({ kind, readings }) => kind === 'microwave' && word(readings, 'kind') === 'convection',
    ),
    fridge: knownSum(fridges.map(({ readings }) => figure(readings, 'capacity'))),
    fridgeKindUnread: fridges
      .filter(({ readings }) => word(readings, 'kind') === undefined)
      .map(({ id }) => `plan.fixtures.${id}.kind`),
    fridgeKinds: fridges.flatMap(({ readings }) => word(readings, 'kind') ?? []),
    prepCoversOn: on.flatMap(({ rectangles }) => rectangles),
    prepCoversOff: off.flatMap(({ rectangles }) => rectangles),
    counterOn: on.reduce((sum, { free }) => sum + free, 0),
    counterOff: off.reduce((sum, { free }) => sum + free, 0),
    outsideKitchen: outside !== undefined,
    kitchenCover: awningCover(plan).find(({ what }) => what === 'outside kitchen')?.share,
    before: beforeOf(plan),
    openedBefore: beforeOf(withOpened(plan)),
    watches: ofGeometry(plan, ['camp sight'], () => watchesOf(plan)),
    unread,
    unnoted: unnotedOf(trailer),
  }
}

function watchesOf(plan: Trailer['plan']): GalleyFacts['watches'] {
  const { kitchen, ...sight } = campSight(plan)
  return { ...sight, ...(kitchen !== undefined && { kitchen: kitchen && nameOnPlan(plan, kitchen) }) }
}

const beforeOf = (plan: Trailer['plan']): GalleyFacts['openedBefore'] =>
  beforeCounter(plan).map(({ by, takes }) => ({
    name: nameOnPlan(plan, by),
    takes: Math.round(takes),
    ...(plan.fixtures.find(({ id }) => id === by)?.kind === 'convertible-lounge' && { set: true as const }),
  }))

function unnotedOf(trailer: Trailer): GalleyFacts['unnoted'] {
  const unnoted = unexplained(trailer)
  return {
    ...Object.fromEntries(
      (['cooktop', 'fridge', 'sink'] as const).flatMap((one) => (unnoted.includes(one) ? [[one, toNote(one)]] : [])),
    ),
    ...(!outsideLooked(trailer) && { outside: toNote('outside') }),
    inside: unnoted.map(toNote),
  }
}

const sidesOf = ({ x0, y0, x1, y1 }: Bounds): [number, number] => [x1 - x0, y1 - y0]

/** Across the larger of equal bowls, inside the rim. */
function bowlAcross(box: Bounds, bowls: number, rim: number): number {
  const [short, long] = sidesOf(box).sort((a, b) => a - b) as [number, number]
  return Math.min(short - rim, long / Math.max(1, bowls) - rim)
}

function hoodOf({ id, readings }: Fixture): NonNullable<GalleyFacts['hood']> {
  const vented = flag(readings, 'vented')
  return vented === undefined ? { read: `plan.fixtures.${id}.vented` } : vented ? 'vented' : 'recirculating'
}
