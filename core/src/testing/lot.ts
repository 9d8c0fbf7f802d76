import type { Plan } from '../plan/plan'
import type { Trailer } from '../trailer/trailer'
import { berth, conversion, equipment, fixture, unit } from './unit'

type Rect = [number, number, number, number]
const room = (
  id: string,
  kind: Plan['rooms'][number]['kind'],
  rect: Rect,
  closedBy: 'door' | 'curtain' | 'nothing',
): Plan['rooms'][number] => ({ id, name: id.charAt(0).toUpperCase() + id.slice(1), kind, shape: { rect }, closedBy })
const exit = (id: string, x: number, y: number): Plan['windows'][number] => ({
  id,
  kind: 'exit',
  from: [x, y],
  to: [x + 30, y],
})
const wall = (id: string, x: number, y0: number, y1: number): Plan['walls'][number] => ({
  id,
  from: [x, y0],
  to: [x, y1],
  thickness: 2,
})
const pass = (limit: number, at = 18): Plan['compartments'][number] => ({
  id: 'pass',
  name: 'Pass-through',
  place: 'outside',
  size: [26, 90, 22],
  openings: [
    { wall: 'door', width: 24, height: 20 },
    { wall: 'off-door', width: 24, height: 20 },
  ],
  at,
  readings: { weightLimit: [{ value: limit, source: 'label' }] },
})
const given = (stock: string, layout: Trailer['layout'], of: Trailer): Trailer => ({
  ...of,
  stock,
  model: stock,
  layout,
})

/**
 * A 26 ft bunkhouse with one slide: tub, booth and jackknife sofa, outside kitchen, oven, gas-electric
 * refrigerator.
 */
export const FAMILY = given(
  'FAMILY',
  'bunkhouse',
  unit(
    {
      box: { length: 312, width: 96, wall: 2, tongue: 44, bumper: 8 },
      rooms: [
        room('bedroom', 'bedroom', [2, 2, 86, 92], 'door'),
        room('living', 'living', [90, 2, 130, 92], 'nothing'),
        room('bunks', 'bunk room', [222, 2, 88, 36], 'curtain'),
        room('bath', 'bath', [222, 40, 88, 54], 'door'),
      ],
      walls: [
        wall('a', 89, 2, 36),
        wall('b', 89, 62, 94),
        wall('c', 221, 2, 8),
        wall('d', 221, 34, 56),
        wall('e', 221, 84, 94),
        { id: 'f', from: [222, 39], to: [310, 39], thickness: 2 },
      ],
      doors: [
        { id: 'entry', kind: 'entry', from: [186, 96], to: [214, 96], hinge: 'to', opens: 'door' },
        { id: 'bed-door', kind: 'pocket', from: [89, 36], to: [89, 62] },
        { id: 'bunk-curtain', kind: 'curtain', from: [221, 8], to: [221, 34] },
        { id: 'bath-door', kind: 'pocket', from: [221, 56], to: [221, 84] },
      ],
      windows: [exit('w1', 20, 0), exit('w2', 270, 0)],
      slides: [{ id: 's', wall: 'off-door', start: 96, length: 120, depth: 34 }],
      fixtures: [
        fixture('booth', [98, -32, 54, 40], { seats: 4 }, { slide: 's', faces: 'door' }),
        fixture('jackknife-sofa', [154, -32, 60, 32], { seats: 3 }, { slide: 's', faces: 'door' }),
        fixture('counter', [124, 70, 58, 24], {}, { faces: 'off-door' }),
        fixture('sink', [128, 73, 20, 18], { bowls: 1, cover: true, depth: 8 }),
        fixture('cooktop', [160, 73, 20, 18], { burners: 3, cover: true }),
        fixture('oven', [160, 74, 20, 20]),
        fixture('fridge', [92, 66, 30, 28], { capacity: 10, kind: 'gas-electric' }, { faces: 'off-door' }),
        fixture('tub', [268, 42, 42, 30], { headroom: 78, closure: 'curtain' }, { faces: 'front' }),
        fixture('toilet', [240, 72, 19, 22], { room: 26 }, { faces: 'off-door' }),
        fixture('vanity', [232, 40, 24, 10], {}, { faces: 'door' }),
        fixture('wardrobe', [74, 64, 14, 30], { rod: 28, hinge: 'off-door side' }, { faces: 'front' }),
        fixture('overhead', [124, 82, 34, 12], { depth: 12 }),
      ],
      berths: [
        berth('bed', 60, 74, {
          id: 'queen',
          name: 'Short queen',
          room: 'bedroom',
          shape: { rect: [2, 2, 60, 74] },
          head: 'off-door',
          access: ['rear', 'door'],
        }),
        berth('bunk', 34, 74, {
          id: 'lower',
          name: 'Lower bunk',
          limit: 250,
          room: 'bunks',
          shape: { rect: [236, 2, 74, 34] },
          head: 'rear',
          access: ['front'],
        }),
        berth('upper-bunk', 34, 74, {
          id: 'upper',
          name: 'Upper bunk',
          limit: 150,
          room: 'bunks',
          shape: { rect: [236, 2, 74, 34] },
          head: 'rear',
          access: ['front'],
        }),
        berth('booth', 40, 70, {
          id: 'dinette',
          name: 'Dinette bed',
          room: 'living',
          shape: { rect: [98, -32, 54, 40] },
          slide: 's',
          head: 'front',
          access: ['door'],
          conversion: 'make-dinette',
        }),
        berth('jackknife', 42, 68, {
          id: 'sofa',
          name: 'Sofa bed',
          room: 'living',
          shape: { rect: [154, -32, 60, 42] },
          slide: 's',
          head: 'front',
          access: ['door'],
          conversion: 'make-sofa',
        }),
      ],
      conversions: [
        conversion('make-dinette', { name: 'Dinette', uses: ['booth'] }),
        conversion('make-sofa', { name: 'Jackknife sofa', uses: ['jackknife-sofa'], minutes: 2 }),
      ],
      outside: [
        { id: 'awning', kind: 'awning', wall: 'door', start: 100, length: 120 },
        { id: 'kitchen', kind: 'outside-kitchen', wall: 'door', start: 250, length: 48 },
      ],
      compartments: [pass(300)],
    },
    {
      advertisedSleeps: 8,
      uvw: 5400,
      gvwr: 7200,
      hitchWeight: 640,
      overallLength: 364,
      askingPrice: 29900,
      axleCenter: 190,
    },
    [
      equipment('fresh-tank', { capacity: 40, at: 170 }),
      equipment('lp-cylinder', { count: 2, size: 20 }),
      equipment('stabilizers', { drive: 'manual' }),
      equipment('water-heater', { fuel: 'gas and electric' }),
    ],
  ),
)

/** The same with a cargo door in the rear wall of its bunk room. */
export const HATCH: Trailer = {
  ...FAMILY,
  stock: 'HATCH',
  plan: {
    ...FAMILY.plan,
    doors: [...FAMILY.plan.doors, { id: 'hatch', kind: 'cargo', from: [312, 8], to: [312, 32] }],
  },
}

/** A 19 ft couple's unit without a slide: true queen, glass shower, booth, 12 V refrigerator, no oven. */
export const COUPLE = given(
  'COUPLE',
  'couple’s',
  unit(
    {
      box: { length: 228, width: 96, wall: 2, tongue: 42, bumper: 6 },
      rooms: [
        room('bedroom', 'bedroom', [2, 2, 84, 92], 'curtain'),
        room('living', 'living', [88, 2, 92, 92], 'nothing'),
        room('bath', 'bath', [182, 2, 44, 92], 'door'),
      ],
      walls: [wall('c', 181, 2, 36), wall('d', 181, 62, 94)],
      doors: [
        { id: 'entry', kind: 'entry', from: [92, 96], to: [120, 96], hinge: 'from', opens: 'door' },
        { id: 'bath-door', kind: 'pocket', from: [181, 36], to: [181, 62] },
      ],
      windows: [exit('w1', 24, 0), exit('w2', 24, 96)],
      fixtures: [
        fixture('booth', [92, 2, 66, 42], { seats: 4 }, { faces: 'door' }),
        fixture('counter', [122, 70, 56, 24], {}, { faces: 'off-door' }),
        fixture('sink', [124, 73, 18, 16], { bowls: 1, cover: true, depth: 8 }),
        fixture('cooktop', [156, 73, 20, 18], { burners: 2, cover: true }),
        fixture('fridge', [158, 2, 22, 26], { capacity: 7, kind: '12 V compressor' }, { faces: 'door' }),
        fixture('shower', [190, 2, 36, 32], { headroom: 79, closure: 'glass' }, { faces: 'door' }),
        fixture('toilet', [204, 72, 19, 22], { room: 30 }, { faces: 'off-door' }),
        fixture('vanity', [212, 38, 14, 26], {}, { faces: 'front' }),
        fixture('wardrobe', [82, 74, 8, 20], { rod: 18 }, { faces: 'off-door' }),
        fixture('overhead', [122, 82, 34, 12], { depth: 6 }),
      ],
      berths: [
        berth('bed', 60, 80, {
          id: 'queen',
          name: 'Queen',
          room: 'bedroom',
          shape: { rect: [2, 18, 80, 60] },
          head: 'front',
          access: ['door', 'off-door', 'rear'],
        }),
        berth('booth', 40, 66, {
          id: 'dinette',
          name: 'Dinette bed',
          room: 'living',
          shape: { rect: [92, 2, 66, 42] },
          head: 'front',
          access: ['door'],
          conversion: 'make-dinette',
        }),
      ],
      conversions: [conversion('make-dinette', { name: 'Dinette', uses: ['booth'] })],
      compartments: [pass(200)],
    },
    {
      advertisedSleeps: 4,
      uvw: 3500,
      gvwr: 4700,
      hitchWeight: 390,
      overallLength: 276,
      askingPrice: 24900,
      axleCenter: 136,
      underbelly: 'enclosed',
      shorePower: '30 A',
    },
    [
      equipment('fresh-tank', { capacity: 30, at: 110 }),
      equipment('lp-cylinder', { count: 2, size: 20 }),
      equipment('stabilizers', { drive: 'manual' }),
      equipment('solar-port', {}),
      equipment('furnace', { heating: 20000 }),
      equipment('air-conditioner', { cooling: 13500 }),
      equipment('water-heater', { fuel: 'gas and electric' }),
    ],
  ),
)

/**
 * A 30 ft unit for long stays: second bath, second door, theater seats straight before the TV, tri-fold sofa,
 * 30 lb cylinders, power stabilizers, on-demand water.
 */
export const LONG = given(
  'LONG',
  'bath and a half',
  unit(
    {
      box: { length: 360, width: 96, wall: 2, tongue: 44, bumper: 8 },
      rooms: [
        room('bedroom', 'bedroom', [2, 2, 86, 92], 'door'),
        room('bath', 'bath', [90, 2, 60, 92], 'door'),
        room('living', 'living', [152, 2, 160, 92], 'nothing'),
        room('half', 'bath', [314, 2, 44, 92], 'door'),
      ],
      walls: [
        wall('a', 89, 2, 36),
        wall('b', 89, 62, 94),
        wall('c', 151, 2, 36),
        wall('d', 151, 62, 94),
        wall('e', 313, 2, 36),
        wall('f', 313, 62, 94),
      ],
      doors: [
        { id: 'entry', kind: 'entry', from: [276, 96], to: [304, 96], hinge: 'to', opens: 'door' },
        { id: 'second', kind: 'entry', from: [60, 96], to: [86, 96], hinge: 'from', opens: 'door' },
        { id: 'bed-door', kind: 'pocket', from: [89, 36], to: [89, 62] },
        { id: 'bath-door', kind: 'pocket', from: [151, 36], to: [151, 62] },
        { id: 'half-door', kind: 'pocket', from: [313, 36], to: [313, 62] },
      ],
      windows: [exit('w1', 20, 0), exit('w3', 240, 0)],
      fixtures: [
        fixture('shower', [92, 2, 36, 30], { headroom: 82, closure: 'glass' }, { faces: 'door' }),
        fixture('toilet', [100, 72, 19, 22], { room: 30 }, { faces: 'off-door' }),
        fixture('vanity', [124, 76, 26, 18], {}, { faces: 'off-door' }),
        fixture('theater-seats', [160, 62, 64, 32], { seats: 2 }, { faces: 'off-door' }),
        fixture('tv', [170, 2, 44, 4], {}, { faces: 'door' }),
        fixture('tri-fold-sofa', [228, 2, 70, 34], { seats: 3 }, { faces: 'door' }),
        fixture('counter', [228, 72, 44, 22], {}, { faces: 'off-door' }),
        fixture('sink', [230, 75, 18, 16], { bowls: 1, cover: true, depth: 9 }),
        fixture('cooktop', [250, 75, 20, 17], { burners: 3, cover: true }),
        fixture('fridge', [154, 2, 14, 28], { capacity: 16, kind: '12 V compressor' }, { faces: 'door' }),
        fixture('toilet', [330, 72, 19, 22], { room: 28 }, { id: 'toilet-2', faces: 'off-door' }),
        fixture('wardrobe', [74, 2, 14, 30], { rod: 28, hinge: 'door side' }, { faces: 'front' }),
        fixture('desk', [300, 2, 13, 20], { outlet: true }, { faces: 'front' }),
      ],
      berths: [
        berth('bed', 66, 80, {
          id: 'king',
          name: 'Camper king',
          room: 'bedroom',
          shape: { rect: [2, 16, 70, 66] },
          head: 'front',
          access: ['door', 'rear'],
        }),
        berth('tri-fold', 60, 72, {
          id: 'sofa',
          name: 'Sofa bed',
          room: 'living',
          shape: { rect: [228, 2, 70, 52] },
          head: 'front',
          access: ['front', 'rear'],
          conversion: 'make-sofa',
        }),
      ],
      conversions: [conversion('make-sofa', { name: 'Tri-fold sofa', uses: ['tri-fold-sofa'] })],
      compartments: [pass(400)],
    },
    { advertisedSleeps: 4, uvw: 7100, gvwr: 9400, hitchWeight: 850, overallLength: 412, askingPrice: 54900 },
    [
      equipment('fresh-tank', { capacity: 50, at: 190 }),
      equipment('lp-cylinder', { count: 2, size: 30 }),
      equipment('stabilizers', { drive: 'power each' }),
      equipment('water-heater', { fuel: 'on-demand gas' }),
    ],
  ),
)
