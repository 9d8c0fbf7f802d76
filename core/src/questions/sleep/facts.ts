import { BERTH_KINDS, type BerthKind } from '../../readings/catalogue'
import { figure } from '../../readings/reading'
import { trailerFigure, type Trailer } from '../../trailer/trailer'

/** The berths as they are. Inches and pounds; absent: not read. */
export interface SleepFacts {
  berths: BerthFact[]
  conversions: { id: string; name: string; minutes: number; excludes: string[] }[]
  advertised?: number
}

export interface BerthFact {
  id: string
  name: string
  kind: BerthKind
  length?: number
  width?: number
  limit?: number
  conversion?: string
}

export function sleepFacts(trailer: Trailer): SleepFacts {
  const { berths, conversions } = trailer.plan
  return {
    berths: berths.map(({ id, name, kind, conversion, readings }) => ({
      id,
      name,
      kind,
      length: figure(readings, 'mattressLength'),
      width: figure(readings, 'mattressWidth'),
      limit: figure(readings, 'weightLimit'),
      conversion,
    })),
    conversions: conversions.map(({ id, name, minutes, excludes }) => ({ id, name, minutes, excludes })),
    advertised: trailerFigure(trailer, 'advertisedSleeps'),
  }
}

/** Bunks a child would call one. */
export const bunkCount = ({ berths }: SleepFacts): number => berths.filter(({ kind }) => kind === 'bunk' || kind === 'upper-bunk' || kind === 'flip-bunk').length

export const isUpper = ({ kind }: BerthFact): boolean => BERTH_KINDS[kind].upper
export const isLimited = ({ kind }: BerthFact): boolean => BERTH_KINDS[kind].limited
