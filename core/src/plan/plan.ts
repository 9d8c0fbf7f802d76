import '../flaws/wording'
import { array, boolean, lazy, number, object, string, tuple, type ISchema, type Schema } from 'yup'
import { objectOf } from '../flaws/objectOf'
import {
  BERTH_KINDS,
  BERTH_READS,
  DOOR_KINDS,
  FIXTURE_KINDS,
  OUTSIDE_KINDS,
  type BerthKind,
  type DoorKind,
  type FixtureKind,
  type OutsideKind,
} from '../readings/catalogue'
import { readingsSchema, type Readings, type ReadingSpecs } from '../readings/reading'
import { shapeSchema, type Point, type Shape } from './shape'

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

const ID = 'a short id of small letters, digits and dashes, such as upper-bunk'
const id = () => string().matches(/^[a-z0-9][a-z0-9-]{0,40}$/, ID)
const name = () => string().min(1).max(80)
const along = (about: string) =>
  number()
    .min(-400)
    .max(800)
    .meta({ about: `${about}, in` })
const size = (about: string) =>
  number()
    .moreThan(0)
    .max(800)
    .meta({ about: `${about}, in` })
const point = () => tuple([along('x').required(), along('y').required()])
const side = () => string().oneOf(SIDES)
/** More things of a kind than this are on no trailer. */
const MOST_THINGS = 200
const list = (of: ISchema<unknown>) =>
  array(of as Schema)
    .max(MOST_THINGS, `at most ${MOST_THINGS} of them`)
    .required()

const box = objectOf<Box>()({
  length: size('Front wall to rear wall, outside').required(),
  width: size('Off-door wall to door wall, outside').required(),
  wall: number().min(0.5).max(6).required(),
  tongue: number().min(0).max(90).required(),
  bumper: number().min(0).max(40).required(),
})

const room = objectOf<Room>()({
  id: id().required(),
  name: name().required(),
  kind: string().oneOf(ROOM_KINDS).required(),
  shape: shapeSchema,
  closedBy: string().oneOf(['door', 'curtain', 'nothing']).required(),
})

const wall = objectOf<Wall>()({
  id: id().required(),
  from: point().required(),
  to: point().required(),
  thickness: number().min(0.5).max(6).required(),
})

const door = objectOf<Door>()({
  id: id().required(),
  kind: string().oneOf(Object.keys(DOOR_KINDS)).required(),
  from: point().required(),
  to: point().required(),
  hinge: string().oneOf(['from', 'to']),
  opens: side(),
})

const windowSchema = objectOf<Window>()({
  id: id().required(),
  kind: string().oneOf(['fixed', 'opening', 'exit']).required(),
  from: point().required(),
  to: point().required(),
})

const onWall = {
  id: id().required(),
  wall: side().required(),
  start: along('Start along the wall').required(),
  length: size('Length along the wall').required(),
}
const slide = objectOf<Slide>()({
  ...onWall,
  depth: size('How far it moves out').required(),
  readings: readingsSchema(SLIDE_READS),
})
const canvasEnd = objectOf<CanvasEnd>()({ ...onWall, depth: size('How far it folds out').required() })

const fixtureOf = (kind: string) =>
  objectOf<Fixture>()({
    id: id().required(),
    kind: string().oneOf(Object.keys(FIXTURE_KINDS)).required(),
    name: name(),
    shape: shapeSchema,
    faces: side(),
    slide: id(),
    band: tuple([number().min(0).max(200).required(), number().min(0).max(200).required()]).default(undefined),
    readings: readingsSchema(FIXTURE_KINDS[kind as FixtureKind]?.reads ?? {}),
  })

const outsideOf = (kind: string) =>
  objectOf<OutsideItem>()({
    ...onWall,
    kind: string().oneOf(Object.keys(OUTSIDE_KINDS)).required(),
    readings: readingsSchema(OUTSIDE_KINDS[kind as OutsideKind]?.reads ?? {}),
  })

/** One schema for each kind, made once: what may be read depends on what the thing is. */
export const fixtureSchemas = byKind(Object.keys(FIXTURE_KINDS), fixtureOf)
export const outsideSchemas = byKind(Object.keys(OUTSIDE_KINDS), outsideOf)

const berth = objectOf<Berth>()({
  id: id().required(),
  kind: string().oneOf(Object.keys(BERTH_KINDS)).required(),
  name: name().required(),
  shape: shapeSchema,
  room: id().required(),
  head: side().required(),
  access: list(side()).min(1, 'at least one side from which one can get in'),
  conversion: id(),
  slide: id(),
  canvasEnd: id(),
  readings: readingsSchema(BERTH_READS),
})

const conversion = objectOf<Conversion>()({
  id: id().required(),
  name: name().required(),
  uses: list(id()),
  steps: list(string().min(1).max(200)),
  minutes: number().min(0).max(120).required(),
  takes: list(id()),
  excludes: list(id()),
})

const opening = object({
  wall: string()
    .oneOf([...SIDES, 'top'])
    .required(),
  width: size('Opening width').required(),
  height: size('Opening height').required(),
}).noUnknown()
const compartment = objectOf<Compartment>()({
  id: id().required(),
  name: name().required(),
  place: string().oneOf(['inside', 'outside']).required(),
  wet: boolean(),
  size: tuple([
    size('Inside length').required(),
    size('Inside width').required(),
    size('Inside height').required(),
  ]).required(),
  openings: list(opening),
  shares: array(id().required()).max(20, 'at most 20 of them').default(undefined),
  at: along('Middle, from the front wall'),
  readings: readingsSchema(COMPARTMENT_READS),
})

export const planSchema = objectOf<Plan>()({
  box: box.required(),
  rooms: list(room),
  walls: list(wall),
  doors: list(door),
  windows: list(windowSchema),
  slides: list(slide),
  canvasEnds: list(canvasEnd),
  fixtures: list(lazy(kindOf(fixtureSchemas))),
  berths: list(berth),
  conversions: list(conversion),
  outside: list(lazy(kindOf(outsideSchemas))),
  compartments: list(compartment),
})

/** Picks the schema by `kind`; an unknown kind is judged by the first, whose message lists the kinds there are. */
export function kindOf(schemas: Record<string, Schema>): (value: unknown) => Schema {
  return (value) => {
    const kind = String((value as { kind?: unknown } | null | undefined)?.kind)
    // Every object has a `constructor`: only our own kinds count.
    return Object.hasOwn(schemas, kind) ? schemas[kind]! : Object.values(schemas)[0]!
  }
}

export function byKind(kinds: string[], make: (kind: string) => Schema): Record<string, Schema> {
  return Object.fromEntries(kinds.map((kind) => [kind, make(kind)]))
}
