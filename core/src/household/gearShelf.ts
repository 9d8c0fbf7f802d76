import type { Gear } from './household'

/**
 * Something people bring, as it usually is; inches and pounds each (common practice, rounded; weigh and measure
 * your own).
 */
export type UsualGear = Omit<Gear, 'id' | 'count' | 'rides'>

const size = (length: number, width: number, height: number) => ({ length, width, height })

/** Bikes are as long as two wheels and what lies between, less the front wheel where it comes off. */
export const GEAR_SHELF: readonly UsualGear[] = [
  { name: 'Bikes, 16 in wheels', weight: 18, size: size(42, 8, 28), keep: 'outside', first: 'camp' },
  { name: 'Bikes, 20 in wheels', weight: 24, size: size(52, 8, 32), keep: 'outside', first: 'camp' },
  { name: 'Bikes, 24 in wheels', weight: 27, size: size(60, 9, 36), keep: 'outside', first: 'camp' },
  { name: 'Bikes, 26 in wheels', weight: 31, size: size(66, 10, 40), keep: 'outside', first: 'camp' },
  { name: 'Bikes, 29 in wheels', weight: 31, size: size(70, 10, 43), keep: 'outside', first: 'camp' },
  { name: 'E-bikes', weight: 58, size: size(72, 12, 44), keep: 'outside', first: 'camp' },
  { name: 'Kick scooters', weight: 9, size: size(30, 6, 10), keep: 'outside' },
  { name: 'Folding wagon', weight: 24, size: size(30, 20, 8), first: 'camp' },
  { name: 'Dirt bike', weight: 235, size: size(84, 32, 46), turns: 'upright', stacks: false, fuel: true },
  { name: 'Four-wheeler', weight: 650, size: size(84, 48, 48), turns: 'upright', stacks: false, fuel: true },
  { name: 'Side-by-side', weight: 1500, size: size(118, 62, 74), turns: 'upright', stacks: false, fuel: true },
  { name: 'Folding chairs', weight: 9, size: size(38, 6, 6), first: 'camp' },
  { name: 'Folding table', weight: 18, size: size(36, 24, 4), first: 'camp' },
  { name: 'Outdoor rug, rolled', weight: 12, size: size(60, 8, 8), first: 'camp' },
  { name: 'Totes, 27 gallon', weight: 30, size: size(28, 18, 15) },
  { name: 'Totes, 12 gallon', weight: 18, size: size(21, 15, 12) },
  { name: 'Coolers, 48 quart', weight: 40, size: size(26, 15, 16), turns: 'upright' },
  { name: 'Table grill', weight: 24, size: size(22, 18, 14), turns: 'upright', keep: 'outside' },
  { name: 'Camp stove', weight: 12, size: size(24, 14, 6), keep: 'outside' },
  { name: 'Inflatable kayak, packed', weight: 38, size: size(34, 22, 14) },
  { name: 'Kayak, 10 ft', weight: 48, size: size(120, 29, 14), turns: 'upright' },
  { name: 'Canoe, 16 ft', weight: 65, size: size(192, 36, 14), turns: 'upright', keep: 'outside' },
  { name: 'Paddle board', weight: 26, size: size(126, 32, 6), keep: 'outside' },
  { name: 'Paddles', weight: 5, size: size(50, 9, 4) },
  { name: 'Stroller, folded', weight: 22, size: size(32, 22, 14), first: 'camp' },
  { name: 'Board games', weight: 8, size: size(16, 12, 8), keep: 'inside', first: 'road' },
  { name: 'Dog crate, folded', weight: 22, size: size(36, 24, 5) },
  { name: 'Fresh-water hose and reel', weight: 14, size: size(18, 18, 8), first: 'camp' },
  { name: 'Sewer hose in its tube', weight: 12, size: size(60, 7, 7), keep: 'outside', first: 'camp' },
  { name: 'Leveling blocks', weight: 14, size: size(12, 10, 9), first: 'camp' },
  { name: 'Tool box', weight: 26, size: size(22, 10, 10) },
  { name: 'Firewood, bundle', weight: 25, size: size(16, 12, 12), keep: 'outside' },
  { name: 'Water jugs, 5 gallon', weight: 42, size: size(12, 12, 15), turns: 'upright' },
  { name: 'Lantern', weight: 4, size: size(7, 7, 13), turns: 'upright', stacks: false },
  { name: 'Fishing rods', weight: 6, size: size(56, 6, 4), fragile: true },
  { name: 'Pop-up canopy', weight: 48, size: size(48, 9, 9) },
  { name: 'Generator', weight: 47, size: size(20, 12, 18), turns: 'upright', fuel: true },
  { name: 'Gas cans, 2 gallon', weight: 15, size: size(12, 9, 12), turns: 'upright', fuel: true },
]

/** Words that say nothing of what a thing is. */
const OF_NO_KIND = /^(?:\d+|a|an|the|our|my|his|her|their|old|new|small|large|big|kids?|adult|folding|folded|packed)$/

/**
 * What is usually meant by a name that somebody typed: `canoe` the canoe of 16 ft, `2 bikes` those with wheels of 26 in.
 * Undefined where the shelf knows nothing of the kind.
 */
export function usualGear(name: string): UsualGear | undefined {
  const exact = GEAR_SHELF.find((one) => one.name.toLowerCase() === name.trim().toLowerCase())
  if (exact) return exact
  const words = wordsOf(name)
  const alike = GEAR_SHELF.map((one) => ({ one, of: wordsOf(one.name) }))
    .map(({ one, of }) => ({ one, rest: of.filter((word) => !words.includes(word)).length, of }))
    .filter(({ of, rest }) => of.length > rest && words.some((word) => word === of[0] || word === of.at(-1)))
    .sort((a, b) => b.of.length - b.rest - (a.of.length - a.rest) || a.rest - b.rest)
  const best = alike.filter(({ of, rest }) => of.length === alike[0]!.of.length && rest === alike[0]!.rest)
  // Of several sizes of one kind the last but one is the usual: of bikes those with wheels of 26 in.
  return best[Math.max(0, best.length - 2)]?.one
}

const wordsOf = (name: string): string[] =>
  name
    .toLowerCase()
    .split(/[^a-z0-9-]+/)
    .map((word) => word.replace(/s$/, ''))
    .filter((word) => word !== '' && !OF_NO_KIND.test(word) && !/^(?:in|ft|gallon|quart|wheel)$/.test(word))
