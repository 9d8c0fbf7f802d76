import '../flaws/wording'
import { array, boolean, lazy, number, object, string, tuple, type ISchema, type Schema } from 'yup'
import { byKind, kindOf } from '../flaws/byKind'
import { objectOf } from '../flaws/objectOf'
import {
  BERTH_KINDS,
  BERTH_READS,
  DOOR_KINDS,
  FIXTURE_KINDS,
  OUTSIDE_KINDS,
  type FixtureKind,
  type OutsideKind,
} from '../readings/catalogue'
import { readingsSchema } from '../readings/readingSchema'
import {
  COMPARTMENT_READS,
  ROOM_KINDS,
  SIDES,
  SLIDE_READS,
  type Berth,
  type Box,
  type CanvasEnd,
  type Compartment,
  type Conversion,
  type Door,
  type Fixture,
  type OutsideItem,
  type Plan,
  type Room,
  type Slide,
  type Wall,
  type Window,
} from './plan'
import { shapeSchema } from './shapeSchema'

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
