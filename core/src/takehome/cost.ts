import { trailerFigure, type Trailer } from '../trailer/trailer'
import { figure, flag, word } from '../readings/reading'

/** What it costs, what is in that, and what is not. */
export interface Cost {
  /** US dollars; absent: no price yet. */
  asking?: number
  /** What the maker's sticker says, where it was read. */
  list?: number
  within: string[]
  notIn: string[]
  /** What nobody noted, to be asked before signing. */
  ask: string[]
}

/** Papers of the unit that may be in the price or not. */
const MAYBE = [
  ['towKit', 'hitch parts'],
  ['starterKit', 'a starter kit (hose, adapters, fuses)'],
  ['prepared', 'filled cylinders and a battery'],
] as const

/** Whoever sells adds these (common practice): how much differs from state to state and from lot to lot. */
const NEVER = ['sales tax', 'title and registration', 'dealer fees', 'insurance']

export function costOf(trailer: Trailer): Cost {
  const { features } = trailer
  const [asking, list] = [trailerFigure(trailer, 'askingPrice'), figure(features, 'listPrice')]
  const told = MAYBE.map(([key, name]) => ({ name, has: flag(features, key) }))
  const options = word(features, 'optionsFitted')
  return {
    ...(asking !== undefined && { asking }),
    ...(list !== undefined && { list }),
    within: ['the trailer as it stands', ...(options ? [options] : []), ...named(told, true)],
    notIn: [...NEVER, ...named(told, false)],
    ask: named(told, undefined),
  }
}

const named = (told: readonly { name: string; has: boolean | undefined }[], has: boolean | undefined): string[] =>
  told.filter((one) => one.has === has).map(({ name }) => name)
