import { reads, type ReadingSpec } from '../readings/reading'

/** Where on a walk one stands to see it, outside once round and then inside. */
export const PLACES = {
  hitch: 'At the hitch',
  'off-door': 'Off-door side',
  rear: 'At the rear',
  door: 'Door side',
  under: 'Under it',
  entry: 'Inside the door',
  kitchen: 'Kitchen',
  living: 'Living room',
  bath: 'Bath',
  bedroom: 'Bedroom',
  bunks: 'Bunks',
  papers: 'Papers and price',
} as const
export type Place = keyof typeof PLACES

/**
 * Something that is told on a lot and has no measure on the plan: a reading like any other, where on the walk one sees it,
 * in one line why it matters, for the consultant to say, and the words by which people look for it.
 */
export interface Feature extends ReadingSpec {
  place: Place
  why: string
  words: readonly string[]
}
export type Features = Readonly<Record<string, Feature>>

/** Short forms for the catalogue; `words` are what else it is called, small letters, by the bar: `sun port|solar plug`. */
export const at = (place: Place) => {
  const of = (spec: ReadingSpec, why: string, words = ''): Feature => ({
    ...spec,
    place,
    why,
    words: words ? words.split('|') : [],
  })
  return {
    has: (label: string, why: string, words?: string): Feature => of(reads.yesNo(label), why, words),
    one: (label: string, choices: string, why: string, words?: string): Feature =>
      of(reads.choice(label, ...choices.split('|')), why, words),
    said: (label: string, why: string, words?: string): Feature => of(reads.text(label), why, words),
    figure: (spec: ReadingSpec, why: string, words?: string): Feature => of(spec, why, words),
  }
}
