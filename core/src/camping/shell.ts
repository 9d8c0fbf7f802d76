import type { Plan } from '../plan/plan'

/** What lies between warm and cold: square feet, and cubic feet of air. */
export interface Shell {
  walls: number
  windows: number
  roof: number
  floor: number
  /** Ceiling, floor and three walls of what moves out, all as walls. */
  slides: number
  /** Canvas around beds that fold out. */
  canvas: number
  air: number
}

/** Inches, while they are not read: an ordinary ceiling, a window, a slide box, and a canvas end. */
const CEILING = 78
const WINDOW_HIGH = 22
const SLIDE_HIGH = 68
const CANVAS_HIGH = 50

/** Outer surfaces of a plan as it stands parked, for its heat. A window is taken as 22 in high (common practice). */
export function shellOf({ box, slides, canvasEnds, windows }: Plan, ceiling: number = CEILING): Shell {
  const feet = (inches: number): number => inches / 12
  const [length, width, high] = [feet(box.length), feet(box.width), feet(ceiling)]
  const glass = windows.reduce((sum, { from, to }) => sum + feet(Math.hypot(to[0] - from[0], to[1] - from[1])), 0)
  const out = slides.map((one) => [feet(one.length), feet(one.depth)] as const)
  const folded = canvasEnds.map((one) => [feet(one.length), feet(one.depth)] as const)
  const sum = <T>(all: readonly T[], of: (one: T) => number): number => all.reduce((total, one) => total + of(one), 0)
  return {
    walls: 2 * (length + width) * high - glass * feet(WINDOW_HIGH),
    windows: glass * feet(WINDOW_HIGH),
    roof: length * width,
    floor: length * width,
    // Its front wall stands in for the wall of the box it left.
    slides: sum(out, ([long, deep]) => 2 * long * deep + 2 * deep * feet(SLIDE_HIGH)),
    canvas: sum(folded, ([long, deep]) => 2 * long * deep + (long + 2 * deep) * feet(CANVAS_HIGH)),
    air: length * width * high + sum(out, ([long, deep]) => long * deep * feet(SLIDE_HIGH)),
  }
}

/** R values, sq ft F h / BTU, and how often an hour the air changes. */
export interface Insulation {
  walls: number
  roof: number
  floor: number
  airChanges: number
}

/**
 * Poor and good of what is built, while nobody read it: walls of 1.5 in with batts against 2 in of block foam, roofs and
 * floors likewise (from memory of makers' sheets; their own claims run higher, since they leave out the frame).
 */
export const USUAL_INSULATION: { least: Insulation; most: Insulation } = {
  least: { walls: 4, roof: 7, floor: 6, airChanges: 2 },
  most: { walls: 8, roof: 14, floor: 12, airChanges: 0.7 },
}

const WINDOW_R = 0.9 // single pane (ASHRAE Fundamentals, from memory)
const CANVAS_R = 0.5 // cloth and the air on both sides of it
const AIR = 0.018 // BTU a cubic foot and degree (ASHRAE Fundamentals, from memory)

/** Heat that goes through it, BTU/h for each degree F between inside and outside: surfaces over R, and air that changes. */
export function heatLoss(shell: Shell, { walls, roof, floor, airChanges }: Insulation): number {
  return (
    (shell.walls + shell.slides) / walls +
    shell.windows / WINDOW_R +
    shell.roof / roof +
    shell.floor / floor +
    shell.canvas / CANVAS_R +
    AIR * shell.air * airChanges
  )
}
