import type { Plan } from '@hitchet/core/plan/plan'
import { frameFor, heightFor, type Frame } from '../drawing/frame'

/** Points to an inch of paper. */
const POINTS = 72

/** Scales that a ruler has: a quarter, three sixteenths, an eighth, three thirty-seconds, a sixteenth of an inch to the foot. */
const SCALES = [48, 64, 96, 128, 192]

/** How plans are drawn on a sheet: one in so many, and points for each inch of the plan. */
export interface PaperScale {
  oneTo: number
  points: number
  frame: Frame
}

/** The scales at which plans under each other go into a space, points, the largest first; the least there is where none does. */
export function scalesFor(plans: readonly Plan[], width: number, height: number): PaperScale[] {
  const frame = frameFor(plans)
  const long = frame.before + frame.after
  const high = plans.map(heightFor).reduce((sum, { top, bottom }) => sum + bottom - top, 0)
  const fitting = SCALES.filter((one) => (long * POINTS) / one <= width && (high * POINTS) / one <= height)
  return (fitting.length ? fitting : SCALES.slice(-1)).map((oneTo) => ({ oneTo, points: POINTS / oneTo, frame }))
}
