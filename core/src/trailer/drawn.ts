import type { Trailer } from './trailer'

/** Parts of a drawing that can be there or still be missing. */
export const DRAWN_PARTS = ['inside', 'berths'] as const
export type DrawnPart = (typeof DRAWN_PARTS)[number]

/** What is to be drawn while it is missing, as a reading to take, and in words. */
export const TO_DRAW: Record<DrawnPart, { key: string; says: string }> = {
  inside: { key: 'plan.fixtures', says: 'What stands inside is not drawn yet.' },
  berths: { key: 'plan.berths', says: 'No berth is drawn yet.' },
}

/**
 * Which parts nobody has drawn: an empty list is no list of nothing. Where there are no berths or bays because
 * somebody looked, the unit says so under `absent`.
 */
export function undrawn({ plan, absent = [] }: Trailer): DrawnPart[] {
  const looked = (kind: string) => absent.some((one) => one.kind === kind)
  return [
    ...(plan.fixtures.length ? [] : (['inside'] as const)),
    ...(plan.berths.length || looked('berth') ? [] : (['berths'] as const)),
  ]
}

/** Whether somebody drew the bays, or looked and found none. */
export const baysLooked = ({ plan, absent = [] }: Trailer): boolean =>
  plan.compartments.length > 0 || absent.some(({ kind }) => kind === 'bay')
