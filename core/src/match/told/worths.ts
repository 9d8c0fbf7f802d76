import { QUESTIONS } from '../../questions/index'
import { worthsIn, type Worths } from './weighed'

/** What every question that was asked is worth on a unit, 0 to 1, of what is kept of a match question by question in their order. */
export const keptWorths = ({ worths }: { worths: readonly (number | null)[] }): Worths =>
  worthsIn(
    QUESTIONS.map(({ id }) => id),
    worths,
  )
