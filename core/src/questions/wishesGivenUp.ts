import type { Answer } from './answer'
import { sizeOf, type Change } from './change'
import type { Helping } from './helping'

/** A question about which nothing can be changed but what they insist on. */
export const onlyWishes: Helping<unknown, unknown> = {
  turn: 2,
  least: ({ givenUp, sizes }) => (givenUp.length ? sizes.wish : Infinity),
  smallest: ({ givenUp }, left, answered) => smallestWish(givenUp, left, answered),
}

/** The first of them, after what is changed already, with which it does not say no any more. */
export const smallestWish = (
  wishes: readonly Change[],
  left: number,
  answered: (set: readonly Change[]) => Answer | undefined,
  before: readonly Change[] = [],
): readonly Change[] | undefined =>
  wishes
    .map((one) => [...before, one])
    .filter((set) => sizeOf(set) <= left)
    .sort((a, b) => sizeOf(a) - sizeOf(b))
    .find((set) => answered(set)?.verdict !== 'no')
