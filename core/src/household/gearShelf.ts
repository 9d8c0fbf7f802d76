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
