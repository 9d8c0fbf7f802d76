import type { FixtureKind } from '../readings/catalogue'
import { CONVERTIBLE_KINDS } from '../plan/convertible'
import { TABLE_KINDS } from '../plan/living/seats'
import type { Fixture, Plan } from '../plan/plan'
import type { AbsentKind, Trailer } from './trailer'

/** Parts of a drawing that can be there or still be missing. */
export const DRAWN_PARTS = ['inside', 'berths'] as const
export type DrawnPart = (typeof DRAWN_PARTS)[number]

/** What is to be drawn while it is missing, as a reading to take, and in words. */
export const TO_DRAW: Record<DrawnPart, { key: string; says: string }> = {
  inside: { key: 'plan.fixtures', says: 'What stands inside is not drawn yet.' },
  berths: { key: 'plan.berths', says: 'No berth is drawn yet.' },
}

/**
 * What nearly every travel trailer has inside. Where one of them is neither drawn nor noted as not there, the
 * drawing is not finished: what it does not show is not known to be missing.
 */
export const ESSENTIALS = {
  toilet: { name: 'Toilet', kinds: ['toilet', 'wet-bath'] },
  shower: { name: 'Shower or tub', kinds: ['shower', 'tub', 'wet-bath'] },
  cooktop: { name: 'Cooktop', kinds: ['cooktop'] },
  fridge: { name: 'Refrigerator', kinds: ['fridge'] },
  sink: { name: 'Kitchen sink', kinds: ['sink'] },
  table: { name: 'Table', kinds: TABLE_KINDS },
} as const satisfies Record<string, { name: string; kinds: readonly FixtureKind[] }>
export type Essential = keyof typeof ESSENTIALS

/** What is drawn, or noted as not there by whoever looked. */
export const NOTABLE = [...(Object.keys(ESSENTIALS) as Essential[]), 'conversion', 'outside'] as const

/** The key by which an answer waits for it. */
export const toNote = (kind: (typeof NOTABLE)[number]): string => `noted.${kind}`

/**
 * Which parts nobody has drawn: an empty list is no list of nothing. Where there are no berths or bays because
 * somebody looked, the unit says so under `absent`.
 */
export function undrawn(trailer: Trailer): DrawnPart[] {
  const { plan } = trailer
  return [
    ...(plan.fixtures.length ? [] : (['inside'] as const)),
    ...(plan.berths.length || looked(trailer, 'berth') ? [] : (['berths'] as const)),
  ]
}

/** What is to be done before the drawing tells that something is not inside. */
export const toFinish = (trailer: Trailer): string[] =>
  trailer.plan.fixtures.length ? unexplained(trailer).map(toNote) : [TO_DRAW.inside.key]

/** The essentials that are neither drawn nor noted as not there. */
export const unexplained = (trailer: Trailer): Essential[] =>
  (Object.keys(ESSENTIALS) as Essential[]).filter((one) => !isDrawn(trailer.plan, one) && !looked(trailer, one))

/** Whether somebody drew the bays, or looked and found none. */
export const baysLooked = (trailer: Trailer): boolean => trailer.plan.compartments.length > 0 || looked(trailer, 'bay')

/** Whether somebody drew what is outside, or looked and found nothing. */
export const outsideLooked = (trailer: Trailer): boolean =>
  trailer.plan.outside.length > 0 || looked(trailer, 'outside')

/** Seats of a kind that makes up into a bed, while nobody has noted whether any of them does. */
export const unconverted = (trailer: Trailer): Fixture[] =>
  trailer.plan.conversions.length || looked(trailer, 'conversion')
    ? []
    : trailer.plan.fixtures.filter(({ kind }) => (CONVERTIBLE_KINDS as readonly FixtureKind[]).includes(kind))

/** Whether a kind of thing is drawn or noted on the trailer. */
export function isThere({ equipment, plan }: Trailer, kind: AbsentKind): boolean {
  if (kind === 'berth') return plan.berths.length > 0
  if (kind === 'bay') return plan.compartments.length > 0
  if (kind === 'outside') return plan.outside.length > 0
  if (kind === 'conversion') return plan.conversions.length > 0
  if (kind in ESSENTIALS) return isDrawn(plan, kind as Essential)
  return equipment.some((one) => one.kind === kind)
}

/** The trailer with another drawing: what it shows is there, whoever noted before that it was not. */
export function withPlan(trailer: Trailer, plan: Plan): Trailer {
  const { absent, ...drawn } = { ...trailer, plan }
  const left = absent?.filter(({ kind }) => !isThere(drawn, kind))
  return left?.length ? { ...drawn, absent: left } : drawn
}

const isDrawn = ({ fixtures }: Plan, essential: Essential): boolean =>
  fixtures.some(({ kind }) => (ESSENTIALS[essential].kinds as readonly FixtureKind[]).includes(kind))

const looked = ({ absent = [] }: Trailer, kind: string): boolean => absent.some((one) => one.kind === kind)
