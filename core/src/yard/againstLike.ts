import { says, type Phrase } from '../quantity/phrase'
import { dollars, pounds, type Quantity } from '../quantity/quantity'
import type { Layout } from '../trailer/trailer'

/** What a unit is held against others by. Inches, pounds, dollars; absent: not read. */
export interface LikeFigures {
  stock: string
  layout: Layout
  length?: number
  uvw?: number
  cargoCapacity?: number
  hitchWeight?: number
  askingPrice?: number
}

/** As long as it, to so many inches. */
const AS_LONG = 24
/** Held against fewer than these it says nothing. */
const FEWEST = 2
/** Nearer than this to the next of them is the same, in words people would use. */
const SAME = { uvw: 50, cargoCapacity: 50, hitchWeight: 25, askingPrice: 250 }
const SAYS: { key: keyof typeof SAME; unit: (value: number) => Quantity; less: string; more: string }[] = [
  { key: 'uvw', unit: pounds, less: 'lighter dry', more: 'heavier dry' },
  { key: 'cargoCapacity', unit: pounds, less: 'less to load', more: 'more to load' },
  { key: 'hitchWeight', unit: pounds, less: 'less on the hitch', more: 'more on the hitch' },
  { key: 'askingPrice', unit: dollars, less: 'cheaper', more: 'dearer' },
]

/**
 * By what a unit stands out among those on the lot that are as long as it, of its own layout where there are enough: only
 * what it has more or less of than every one of them, by how much from the nearest, and among how many that is known of.
 *
 *      its own 4,620      5,040  5,180  5,600   the others of its length: "420 lb lighter dry than each of the 3 others"
 */
export function againstLike(own: LikeFigures, lot: readonly LikeFigures[]): Phrase[] {
  const { length } = own
  if (length === undefined) return []
  const others = lot.filter((one) => one.stock !== own.stock && Math.abs((one.length ?? Infinity) - length) <= AS_LONG)
  const alike = others.filter(({ layout }) => layout === own.layout)
  const among = alike.length >= FEWEST ? alike : others
  if (among.length < FEWEST) return []
  const kind = among === alike ? `of its length and layout` : `of its length`
  return SAYS.flatMap(({ key, unit, less, more }): Phrase[] => {
    const value = own[key]
    const known = among.flatMap((one) => one[key] ?? [])
    if (value === undefined || known.length < FEWEST) return []
    const [least, most] = [Math.min(...known), Math.max(...known)]
    const [by, word] = value < least ? [least - value, less] : value > most ? [value - most, more] : [0, '']
    if (by < SAME[key]) return []
    const whom =
      known.length === among.length
        ? says`each of the ${known.length} others ${kind}`
        : says`each of the ${known.length} others ${kind} of which it is known`
    return [says`${unit(by)} ${word} than ${whom}.`]
  })
}
