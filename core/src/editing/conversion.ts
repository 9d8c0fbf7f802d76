import { FIXTURE_KINDS, type BerthKind, type FixtureKind } from '../readings/catalogue'
import type { ConvertibleKind } from '../plan/convertible'
import { small } from '../plan/naming'
import type { Berth, Plan } from '../plan/plan'
import { bounds, type Shape } from '../plan/shape/shape'
import { seated } from './riding'
import { freshId } from './item'

/**
 * What can be made up into a bed: which berth it gives, in how many minutes, and how much farther into the room
 * it reaches, inches (common practice).
 */
const BEDS: Record<ConvertibleKind, { berth: BerthKind; minutes: number; reaches: number; steps: string[] }> = {
  booth: {
    berth: 'booth',
    minutes: 3,
    reaches: 0,
    steps: ['Lift the table off its post', 'Lay it on the ledges', 'Push the back cushions together'],
  },
  'u-dinette': {
    berth: 'u-dinette',
    minutes: 4,
    reaches: 12,
    steps: ['Lower the table', 'Fill the middle with the back cushions'],
  },
  'jackknife-sofa': {
    berth: 'jackknife',
    minutes: 1,
    reaches: 14,
    steps: ['Pull the seat forward until the back drops'],
  },
  'tri-fold-sofa': {
    berth: 'tri-fold',
    minutes: 2,
    reaches: 38,
    steps: ['Take the cushions off', 'Pull the handle up and out'],
  },
  'air-sofa': { berth: 'air-sofa', minutes: 5, reaches: 38, steps: ['Pull the frame out', 'Blow the mattress up'] },
  futon: { berth: 'futon', minutes: 1, reaches: 14, steps: ['Click the back down'] },
  'convertible-lounge': { berth: 'lounge', minutes: 4, reaches: 20, steps: ['Fold the backs across'] },
}

export const becomesBed = (kind: FixtureKind): kind is ConvertibleKind => kind in BEDS

/**
 * The plan with a bed that a fixture can be made into, at its usual size; unchanged when it can already, or
 * never can.
 */
export function madeIntoBed(plan: Plan, fixtureId: string): { plan: Plan; id?: string } {
  const fixture = plan.fixtures.find(({ id }) => id === fixtureId)
  const bed = fixture && becomesBed(fixture.kind) ? BEDS[fixture.kind] : undefined
  if (!fixture || !bed || plan.conversions.some(({ uses }) => uses.includes(fixtureId))) return { plan }
  const name = fixture.name ?? FIXTURE_KINDS[fixture.kind].name
  const conversion = freshId(plan, `make-${fixtureId}`.slice(0, 38))
  const berth: Berth = {
    id: freshId(plan, `${fixtureId}-bed`.slice(0, 38)),
    kind: bed.berth,
    name: `${name} bed`,
    shape: longer(plan, fixture.shape, bed.reaches),
    room: plan.rooms[0]!.id,
    head: 'front',
    access: ['door', 'off-door', 'rear'],
    conversion,
  }
  const next: Plan = {
    ...plan,
    conversions: [
      ...plan.conversions,
      {
        id: conversion,
        name: `Make up the ${small(name)}`,
        uses: [fixtureId],
        steps: bed.steps,
        minutes: bed.minutes,
        takes: [],
        excludes: [],
      },
    ],
    berths: [...plan.berths, berth],
  }
  return { plan: seated(next, { list: 'berths', id: berth.id }), id: berth.id }
}

/** Two conversions that cannot be made together, or can again: written on the first, taken off both. */
export function excluding(plan: Plan, one: string, other: string, apart: boolean): Plan {
  const rest = (list: string[], id: string) => list.filter((excluded) => excluded !== id)
  return {
    ...plan,
    conversions: plan.conversions.map((conversion) => {
      if (conversion.id === one)
        return { ...conversion, excludes: [...rest(conversion.excludes, other), ...(apart ? [other] : [])] }
      return conversion.id === other ? { ...conversion, excludes: rest(conversion.excludes, one) } : conversion
    }),
  }
}

/** The fixture's ground, and so much more towards the middle of the trailer. */
function longer({ box }: Plan, shape: Shape, reaches: number): Shape {
  const { x0, y0, x1, y1 } = bounds(shape)
  const doorSide = (y0 + y1) / 2 > box.width / 2
  return { rect: [x0, doorSide ? y0 - reaches : y0, x1 - x0, y1 - y0 + reaches] }
}
