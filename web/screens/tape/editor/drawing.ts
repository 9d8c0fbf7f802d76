import { begin, done, going, redone, undone, type History } from '@hitchet/core/editing/history'
import type { Plan } from '@hitchet/core/plan/plan'

/** What is on the drawing board: the plan with all its steps, and what is in hand. */
export interface Board {
  history: History<Plan>
  chosen: string[]
}

export type Step =
  | { do: 'change'; to: Plan; chosen?: string[] }
  /** One more moment of a change that goes on, as when dragging. */
  | { do: 'go on'; to: Plan }
  | { do: 'choose'; ids: string[] }
  | { do: 'undo' }
  | { do: 'redo' }
  | { do: 'begin'; with: Plan }

export const boardOf = (plan: Plan): Board => ({ history: begin(plan), chosen: [] })

export function stepped(board: Board, step: Step): Board {
  switch (step.do) {
    case 'change':
      return { history: done(board.history, step.to), chosen: step.chosen ?? board.chosen }
    case 'go on':
      return { ...board, history: going(board.history, step.to) }
    case 'choose':
      return { ...board, chosen: step.ids }
    case 'undo':
      return { ...board, history: undone(board.history) }
    case 'redo':
      return { ...board, history: redone(board.history) }
    case 'begin':
      return boardOf(step.with)
  }
}
