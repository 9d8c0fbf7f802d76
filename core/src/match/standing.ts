/**
 * `fits`: nothing against it. `measure`: nothing against it yet. `nearly`: nothing any more, once the household
 * makes a small change or two. `undrawn`: nothing against it by what is known, and nobody has drawn it. `out`: no small
 * change helps. `sold`: it is nobody's to have any more.
 */
export const STANDINGS = ['fits', 'measure', 'nearly', 'undrawn', 'out', 'sold'] as const
export type Standing = (typeof STANDINGS)[number]
