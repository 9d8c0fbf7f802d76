import type { Gear } from '@hitchet/core/household/household'

/**
 * A number for each kind of thing, as in the household's own list: pictures carry the number, the list beside
 * them the name.
 */
export const toNumbers = (gear: readonly Pick<Gear, 'id'>[]): ReadonlyMap<string, number> =>
  new Map(gear.map(({ id }, i) => [id, i + 1]))

/** Paper tones, one for each number in turn; the number says which, the tone only helps. */
const TONES = ['#efe3cb', '#d9e4dc', '#e9d9d2', '#dbe1ea', '#eee9c9', '#e2dbe8', '#d5e3e5', '#ead9bf']
export const toneOf = (number: number): string => TONES[(number - 1) % TONES.length]!
