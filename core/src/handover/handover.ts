import type { Trailer } from '../trailer/trailer'
import { arrivingCards } from './arriving'
import type { HandoverCard } from './card'
import { leavingCards } from './leaving'
import { livingCards, type UpperBunkRule } from './living'

/**
 * What is gone through with the buyer when a unit is handed over, from what this unit has: in the order in which it is needed,
 * from hitching up to what is carried spare. Common practice; it defers to labels, manuals, codes and licensed people.
 */
export const handover = (trailer: Trailer, rules: UpperBunkRule): HandoverCard[] => [
  ...arrivingCards(trailer),
  ...livingCards(trailer, rules),
  ...leavingCards(trailer),
]
