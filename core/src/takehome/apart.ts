import type { CardFigure } from '../match/told/unitCard'
import type { Verdict } from '../questions/reason'
import type { TakenUnit } from './takeHome'

/** Where units that were handed out together differ: a cell for each of them, in their order. */
export interface Apart {
  /** The asking price first, whether it differs or not. */
  figures: { label: string; cells: CardFigure[] }[]
  answers: { short: string; cells: (Verdict | undefined)[] }[]
}

export function apart(units: readonly TakenUnit[]): Apart {
  const [one] = units
  const figures = one!.figures
    .map(({ label }) => ({
      label,
      cells: units.map(({ figures: its }) => its.find((figure) => figure.label === label)!),
    }))
    .filter(({ cells }) => cells.some(({ value }) => value !== cells[0]!.value))
  const answers = one!.asked
    .map(({ short }) => ({
      short,
      cells: units.map(({ asked }) => asked.find((other) => other.short === short)?.verdict),
    }))
    .filter(({ cells }) => cells.some((verdict) => verdict !== cells[0]))
  const asking = units.map(({ cost }): CardFigure => ({ label: 'Asking', value: cost.asking, unit: '$' }))
  return { figures: [{ label: 'Asking', cells: asking }, ...figures], answers }
}
