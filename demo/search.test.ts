import { describe, expect, it } from 'vitest'
import { figure, flag, word } from '../core/src/readings/reading'
import type { Fixture } from '../core/src/plan/plan'
import type { Trailer } from '../core/src/trailer/trailer'
import { filterYard, parseFilter } from '../core/src/yard/filter'
import { yardUnit } from '../core/src/yard/unit'
import { trailers } from './testing/files'

const lot = trailers()
const yard = lot.map(yardUnit)

/** Whether a unit is what is looked for; undefined: nobody read it. Written down from the documents, by none of the search. */
type Is = (trailer: Trailer) => boolean | undefined

const reads = (key: string) => (trailer: Trailer) => figure(trailer.readings, key)
const [inches, dry, price, gvwr] = ['overallLength', 'uvw', 'askingPrice', 'gvwr'].map(reads) as [
  ReturnType<typeof reads>,
  ReturnType<typeof reads>,
  ReturnType<typeof reads>,
  ReturnType<typeof reads>,
]
const upTo =
  (of: (trailer: Trailer) => number | undefined, most: number): Is =>
  (trailer) => {
    const value = of(trailer)
    return value === undefined ? undefined : value <= most
  }
const from =
  (of: (trailer: Trailer) => number | undefined, least: number): Is =>
  (trailer) => {
    const value = of(trailer)
    return value === undefined ? undefined : value >= least
  }
const all =
  (...each: Is[]): Is =>
  (trailer) => {
    const found = each.map((is) => is(trailer))
    return found.includes(false) ? false : found.includes(undefined) ? undefined : true
  }
const some =
  (...each: Is[]): Is =>
  (trailer) => {
    const found = each.map((is) => is(trailer))
    return found.includes(true) ? true : found.includes(undefined) ? undefined : false
  }
const not =
  (is: Is): Is =>
  (trailer) => {
    const found = is(trailer)
    return found === undefined ? undefined : !found
  }
const has =
  (...kinds: Fixture['kind'][]): Is =>
  ({ plan }) =>
    plan.fixtures.some(({ kind }) => kinds.includes(kind))
const room =
  (kind: string, closedBy?: string): Is =>
  ({ plan }) =>
    plan.rooms.some((one) => one.kind === kind && (closedBy === undefined || one.closedBy === closedBy))
const bunksOf = ({ plan }: Trailer) => plan.berths.filter(({ kind }) => kind.includes('bunk'))
const bunks =
  (least: number): Is =>
  (trailer) =>
    bunksOf(trailer).length >= least
const slides =
  (least: number): Is =>
  ({ plan }) =>
    plan.slides.length >= least
const doors =
  (least: number): Is =>
  ({ plan }) =>
    plan.doors.filter(({ kind }) => kind === 'entry').length >= least
const baths =
  (least: number): Is =>
  ({ plan }) =>
    plan.fixtures.filter(({ kind }) => kind === 'toilet' || kind === 'wet-bath').length >= least
const outside =
  (one: string): Is =>
  ({ plan }) =>
    plan.outside.some(({ kind }) => kind === one)
const layout =
  (name: string): Is =>
  (trailer) =>
    trailer.layout.includes(name)
const machine =
  (kind: string): Is =>
  (trailer) =>
    trailer.equipment.some((one) => one.kind === kind) ||
    (trailer.absent?.some((one) => one.kind === kind) ? false : undefined)
const machineIs =
  (kind: string, key: string, value: string): Is =>
  (trailer) => {
    const noted = trailer.equipment.filter((one) => one.kind === kind)
    if (noted.length === 0) return machine(kind)(trailer) === false ? false : undefined
    const words = noted.map(({ readings }) => word(readings, key))
    return words.includes(value) ? true : words.includes(undefined) ? undefined : false
  }
const feature =
  (key: string): Is =>
  ({ features }) =>
    flag(features, key)
const chosen =
  (key: string, value: string): Is =>
  ({ readings }) => {
    const found = word(readings, key)
    return found === undefined ? undefined : found === value
  }
const gallons =
  (least: number): Is =>
  ({ equipment }) => {
    const tanks = equipment
      .filter(({ kind }) => kind === 'fresh-tank')
      .map(({ readings }) => figure(readings, 'capacity'))
    return tanks.length === 0 || tanks.includes(undefined)
      ? undefined
      : tanks.reduce((sum, one) => sum! + one!, 0)! >= least
  }
const bunkHolds =
  (least: number): Is =>
  (trailer) => {
    const limits = bunksOf(trailer).map(({ readings }) => figure(readings, 'weightLimit'))
    return limits.includes(undefined) ? undefined : limits.some((one) => one! >= least)
  }
const bunkLong =
  (least: number): Is =>
  (trailer) => {
    const long = bunksOf(trailer).map(({ readings }) => figure(readings, 'mattressLength'))
    return long.includes(undefined) ? undefined : long.some((one) => one! >= least)
  }
const bed =
  (least: number): Is =>
  ({ plan }) => {
    const wide = plan.berths
      .filter(({ kind }) => kind === 'bed')
      .map(({ readings }) => figure(readings, 'mattressWidth'))
    return wide.some((one) => one !== undefined && one >= least) ? true : wide.includes(undefined) ? undefined : false
  }
const walkAround: Is = ({ plan }) =>
  plan.berths.some(
    ({ kind, head, access }) =>
      kind === 'bed' &&
      (head === 'front' || head === 'rear'
        ? access.includes('door') && access.includes('off-door')
        : access.includes('front') && access.includes('rear')),
  )
const sleeps = (least: number): Is => from(reads('advertisedSleeps'), least)

const LINES: readonly [is: Is, ...ways: [string, string, string]][] = [
  [room('bedroom', 'door'), 'separate bedroom', 'a bedroom with a door', 'something with a private bedroom'],
  [room('bedroom', 'curtain'), 'bedroom behind a curtain', 'bedroom curtain', 'a bedroom with a curtain'],
  [room('bunk room', 'door'), 'bunk room door', 'bunk room with a door', 'private bunk room'],
  [has('shower', 'tub'), 'dry bath', 'a dry bathroom', 'separate shower'],
  [has('wet-bath'), 'wet bath', 'with a wet bath', 'no dry bath'],
  [room('bath', 'door'), 'bathroom door', 'bath door', 'a bath with a door'],
  [baths(2), 'two baths', '2 bathrooms', 'at least 2 baths'],
  [not(baths(2)), 'one bath or less', 'fewer than 2 baths', 'not two baths'],
  [walkAround, 'walk-around bed', 'walk around queen', 'bed open on both sides'],
  [bed(70), 'king bed', 'a king', 'with a king bed'],
  [some(bed(70), walkAround), 'king or walk-around bed', 'walk around bed or a king', 'king bed or walk-around queen'],
  [has('tub'), 'tub', 'a bath tub', 'with tub with shower'],
  [not(has('tub')), 'no tub', 'without a tub', 'not a bath tub'],
  [has('tv'), 'tv', 'a television', 'with a tv'],
  [has('oven'), 'oven', 'an oven', 'has an oven'],
  [has('washer'), 'washer', 'washer and dryer', 'a washer and dryer'],
  [has('desk'), 'desk', 'a work place', 'with a desk'],
  [has('fireplace'), 'fireplace', 'a fireplace', 'one that has a fire'],
  [has('theater-seats'), 'theater seats', 'theater seating', 'theatre seats'],
  [has('u-dinette'), 'u-dinette', 'u dinette', 'with a u-dinette'],
  [has('booth'), 'booth', 'a dinette', 'with a booth'],
  [some(has('booth'), has('u-dinette')), 'booth or u-dinette', 'u dinette or booth', 'a dinette or a u-dinette'],
  [has('island'), 'island', 'an island', 'with island'],
  [bunks(1), 'bunks', 'a bunk', 'with bunk beds'],
  [bunks(2), '2 bunks', 'at least two bunks', 'two bunk beds or more'],
  [bunks(4), 'four bunks', '4 or more bunks', 'more than 3 bunks'],
  [not(bunks(1)), 'no bunks', 'without bunks', 'no bunk beds'],
  [bunkHolds(300), 'bunks that hold 300 lb', '300 lb bunks', 'bunk limit 300 lb'],
  [bunkLong(74), 'bunks 74 in long', '74 in bunks', 'bunk length at least 74 in'],
  [slides(1), 'slide', 'a slide', 'with slides'],
  [not(slides(1)), 'no slide', 'without slides', 'not a slide'],
  [slides(2), 'two slides', 'at least 2 slides', '2 slides or more'],
  [not(slides(2)), 'at most one slide', '1 slide or less', 'fewer than two slides'],
  [doors(2), '2 doors', 'second door', 'two entry doors'],
  [outside('outside-kitchen'), 'outside kitchen', 'an outside kitchen', 'one with an outside kitchen'],
  [outside('outside-shower'), 'outside shower', 'shower outside', 'with an outside shower'],
  [outside('awning'), 'awning', 'an awning', 'with awnings'],
  [upTo(inches, 312), 'under 26 ft', '26 feet or less', 'shorter than 26'],
  [upTo(inches, 318), 'under 26 ft 6 in', "below 26'6", `up to 26' 6"`],
  [from(inches, 360), 'over 30 ft', '30 feet or more', 'longer than 30 ft'],
  [all(from(inches, 240), upTo(inches, 312)), 'between 20 and 26 ft', '20 to 26 ft', 'over 20 ft under 26 ft'],
  [upTo(dry, 5_000), 'under 5,000 lb', '5000 pounds or less', 'lighter than 5000 lb'],
  [upTo(dry, 5_000), 'dry weight under 5,000 lb', 'below 5,000 lb dry', 'at most 5000 lbs'],
  [upTo(gvwr, 7_000), 'under 7000 lb gvwr', 'up to 7,000 lb gvwr', '7000 lb gvwr or less'],
  [upTo(price, 25_000), 'under 25,000', '25k or less', 'less than 25 grand'],
  [upTo(price, 30_000), 'below $30,000', 'budget 30k', 'up to 30 thousand'],
  [from(price, 32_000), 'over 32k', '$32,000 or more', 'at least 32000 dollars'],
  [sleeps(8), 'sleeps 8', 'room for 8', 'a family of eight'],
  [layout('bunkhouse'), 'bunkhouse', 'a bunkhouse', 'show me any bunkhouse'],
  [layout('rear living'), 'rear living', 'something with rear living', 'a rear living'],
  [layout('toy hauler'), 'toy hauler', 'a toy hauler', 'toy hauler please'],
  [chosen('shorePower', '50 A'), '50 amp', '50 amps', 'with 50a'],
  [chosen('season', 'four-season'), 'four season', 'lives in it all year', 'year round'],
  [machine('solar'), 'solar', 'solar panels', 'with roof solar'],
  [not(machine('solar')), 'no solar', 'without solar panels', 'no roof solar'],
  [machineIs('jack', 'drive', 'power'), 'power jack', 'electric jack', 'a power jack'],
  [gallons(50), 'fresh water over 50 gal', '50 gallons of fresh water', 'fresh tank at least 50 gal'],
  [feature('awningLight'), 'awning lights', 'with awning lights', 'awning light'],
  [
    all(room('bedroom', 'door'), has('shower', 'tub'), upTo(price, 40_000)),
    'separate bedroom and a dry bath under 40,000',
    'dry bath, bedroom door, 40k or less',
    'private bedroom with separate shower below $40,000',
  ],
  [
    all(bunks(1), upTo(inches, 312), not(slides(1))),
    'bunks under 26 ft no slide',
    'no slide, bunk beds, 26 feet or less',
    'bunks without a slide shorter than 26 ft',
  ],
  [all(doors(2), slides(1)), '2 doors and a slide', 'slide, two doors', 'second door with a slide'],
]

describe('what people ask of a yard, said in three ways', () => {
  it.each(LINES.flatMap(([is, ...ways]) => ways.map((way) => [way, is] as const)))('%s', (way, is) => {
    const { shown, strange } = filterYard(yard, parseFilter(way))
    const stocks = new Set(shown.map(({ stock }) => stock))
    expect(strange).toEqual([])
    const meant = (verdict: boolean) => lot.filter((one) => is(one) === verdict).map(({ stock }) => stock)
    expect(
      meant(true).filter((stock) => !stocks.has(stock)),
      'missed',
    ).toEqual([])
    expect(
      meant(false).filter((stock) => stocks.has(stock)),
      'shown though it is not',
    ).toEqual([])
  })

  it.each([
    ['lightest', dry, 1],
    ['the lightest with bunks', dry, 1],
    ['heaviest', dry, -1],
    ['cheapest bunkhouse', price, 1],
    ['most expensive', price, -1],
    ['shortest with a slide', inches, 1],
    ['longest', inches, -1],
    ['newest', (one: Trailer) => one.year, -1],
    ['oldest', (one: Trailer) => one.year, 1],
    ['lowest hitch weight', reads('hitchWeight'), 1],
    ['most bunks', (one: Trailer) => bunksOf(one).length, -1],
  ] as const)('%s comes first', (way, of, sign) => {
    const { shown } = filterYard(yard, parseFilter(way))
    const values = shown.map(({ stock }) => of(lot.find((one) => one.stock === stock)!))
    const known = values.filter((value): value is number => value !== undefined)
    expect(known.length).toBeGreaterThan(1)
    expect(values.slice(0, known.length)).toEqual([...known].sort((a, b) => sign * (a - b)))
  })

  it('of what nobody knows nothing is made: it is marked, and nothing is left out for it', () => {
    const { shown, strange, read } = filterYard(
      yard,
      parseFilter('bunks unicorn under 26 ft'),
      'Bunks, unicorn under 26 ft',
    )
    expect(strange).toEqual(['unicorn'])
    expect(shown).toEqual(filterYard(yard, parseFilter('bunks under 26 ft')).shown)
    expect(read).toEqual([
      { words: 'bunks ', strange: false },
      { words: 'unicorn', strange: true },
      { words: ' under 26 ft', strange: false },
    ])
  })
})
