import type { BerthKind, DoorKind, FixtureKind, OutsideKind } from '../readings/catalogue'
import type { Readings, ReadingSpecs } from '../readings/reading'
import type { Point, Shape } from './shape/shape'

/**
 * The floor plan as it stands parked: slides out, beds not made. Inches, hitch to the left:
 *
 *      x ->  0 (front wall)                         box.length (rear wall)
 *   y = 0    +------------ off-door side ------------+
 *            |                                       |
 *   hitch >--|                                       |
 *            |                                       |
 *   y = w    +-------------- door side --------------+
 *
 * The box is measured over its outer walls. A slide on the off-door side has y < 0 when out.
 */
export interface Plan {
  box: Box
  rooms: Room[]
  walls: Wall[]
  doors: Door[]
  windows: Window[]
  slides: Slide[]
  canvasEnds: CanvasEnd[]
  fixtures: Fixture[]
  berths: Berth[]
  conversions: Conversion[]
  outside: OutsideItem[]
  compartments: Compartment[]
}

export const SIDES = ['front', 'rear', 'door', 'off-door'] as const
export type Side = (typeof SIDES)[number]

export interface Box {
  length: number
  width: number
  /** Thickness of the outer walls. */
  wall: number
  /** Coupler to the front wall. */
  tongue: number
  /** Rear wall to the end of the bumper. */
  bumper: number
}

export const ROOM_KINDS = ['bedroom', 'bunk room', 'bath', 'living', 'galley', 'cargo'] as const
export interface Room {
  id: string
  name: string
  kind: (typeof ROOM_KINDS)[number]
  shape: Shape
  /** What closes it off from the rest. */
  closedBy: 'door' | 'curtain' | 'nothing'
}

/** An inside wall, drawn where it stands: leave gaps for doors. */
export interface Wall {
  id: string
  from: Point
  to: Point
  thickness: number
}

/** A door fills the gap between two points. A leaf that swings turns on `hinge` towards `opens`. */
export interface Door {
  id: string
  kind: DoorKind
  from: Point
  to: Point
  hinge?: 'from' | 'to'
  opens?: Side
}

export interface Window {
  id: string
  kind: 'fixed' | 'opening' | 'exit'
  from: Point
  to: Point
}

/** A wall that moves out by `depth`; fixtures with its id ride in it. */
export interface Slide {
  id: string
  wall: Side
  /** Where it begins along its wall, and how long it is: x on the long sides, y on the ends. */
  start: number
  length: number
  depth: number
  readings?: Readings
}

/** A bed platform that folds out under canvas. */
export interface CanvasEnd {
  id: string
  wall: Side
  start: number
  length: number
  depth: number
}

export interface Fixture {
  id: string
  kind: FixtureKind
  name?: string
  shape: Shape
  /** Where someone using it looks; on a bed, where the pillows are. */
  faces?: Side
  slide?: string
  /** Height above the floor from and to, where it differs from the usual of its kind. */
  band?: [number, number]
  readings?: Readings
}

/** A place to sleep, as it lies when made up. */
export interface Berth {
  id: string
  kind: BerthKind
  name: string
  shape: Shape
  room: string
  /** The end with the pillow. */
  head: Side
  /** Sides from which one can get in. */
  access: Side[]
  /** The conversion that makes it; without one the berth is always there. */
  conversion?: string
  /** The slide or canvas end that carries it. */
  slide?: string
  canvasEnd?: string
  readings?: Readings
}

/** Something that has to be done before berths exist. */
export interface Conversion {
  id: string
  name: string
  /** Fixtures that become the berth. */
  uses: string[]
  steps: string[]
  minutes: number
  /** What is gone while it is made: fixtures or doors by id. */
  takes: string[]
  /** Conversions that cannot be made at the same time. */
  excludes: string[]
}

export interface OutsideItem {
  id: string
  kind: OutsideKind
  wall: Side
  start: number
  length: number
  readings?: Readings
}

/** A place to stow. `size` is inside length, width, height. */
export interface Compartment {
  id: string
  name: string
  place: 'inside' | 'outside'
  wet?: boolean
  size: [number, number, number]
  openings: { wall: Side | 'top'; width: number; height: number }[]
  /** Berths that lie in its room when they are made, and slides that do when they are in; by id. */
  shares?: string[]
  /** Its middle from the front wall along the trailer. */
  at?: number
  readings?: Readings
}

export const COMPARTMENT_READS = {
  weightLimit: { label: 'Carries', kind: 'number', unit: 'lb' },
} as const satisfies ReadingSpecs
export const SLIDE_READS = {
  insideHeight: { label: 'Inside height', kind: 'number', unit: 'in' },
} as const satisfies ReadingSpecs
