import type { Household } from '@hitchet/core/household/household'
import type { Standing } from '@hitchet/core/match/standing'
import type { YardLeft } from '@hitchet/core/match/yardLeft'
import type { Extent } from '@hitchet/core/plan/extent'
import type { Phrase } from '@hitchet/core/quantity/phrase'
import type { KeptHousehold } from '../db/households'
import { cardsById, yardCards, type KeptCard } from './cards'
import { yardLeftFor, yardLeftOf } from './matching'

/** A unit the size of a thumb. */
export interface Silhouette {
  id: string
  version: number
  extent: Extent
  stock: string
  name: string
  /** How it stands for them; absent while too little is known of them. */
  standing?: Standing
}

/** The yard as it stands beside an interview: counts, and the units that come first. */
export interface YardBeside extends Pick<YardLeft, 'all' | 'left' | 'out'> {
  units: Silhouette[]
  /** So many units of the lot are still being worked out. */
  open: number
  /** So many cannot be. */
  failed: number
  /** The change that would let in the most. */
  way?: { says: Phrase; units: number }
}

/** So many units are drawn before one asks for more. */
export const BESIDE = 24

/** For whoever is being typed. */
export const besideTyped = async (household: Household, most: number): Promise<YardBeside> =>
  beside({ ...(await yardLeftFor(household)), open: 0 }, most)

/** For whoever is kept, from what is kept of them. */
export const besideKept = async (kept: KeptHousehold): Promise<YardBeside> => beside(await yardLeftOf(kept), BESIDE)

/** While nothing is known of them: the yard as it stands. */
export async function besideNobody(): Promise<Silhouette[]> {
  return (await yardCards()).slice(0, BESIDE).map((card) => silhouette(card))
}

async function beside(
  { all, left, out, ways, units, open }: YardLeft & { open: number },
  most: number,
): Promise<YardBeside> {
  const cards = await cardsById()
  const [way] = ways
  return {
    all,
    left,
    out,
    open,
    failed: Math.max(0, cards.size - all - open),
    units: units.slice(0, most).flatMap(({ id, standing }) => {
      const card = cards.get(id)
      return card ? [silhouette(card, standing)] : []
    }),
    ...(way && { way: { says: way.says, units: way.units.length } }),
  }
}

const silhouette = ({ id, version, extent, unit }: KeptCard, standing?: Standing): Silhouette => ({
  id,
  version,
  extent,
  stock: unit.stock,
  name: unit.name,
  ...(standing && { standing }),
})
