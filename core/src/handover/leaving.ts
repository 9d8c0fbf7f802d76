import type { FixtureKind } from '../readings/catalogue'
import { DOOR_KINDS } from '../readings/catalogue'
import { nameOnPlan, small } from '../plan/naming'
import { listed, says, type Phrase } from '../quantity/phrase'
import { quantity } from '../quantity/quantity'
import { best, word } from '../readings/reading'
import { equipmentOf } from '../trailer/equipment'
import { trailerFigure, type Trailer } from '../trailer/trailer'
import type { HandoverCard, HandoverStep } from './card'

/** Before driving off, and from one trip and season to the next (common practice). */
export const leavingCards = (trailer: Trailer): HandoverCard[] => [
  road(trailer),
  upkeep(trailer),
  winter(trailer),
  spares(trailer),
]

/** What opens by itself on a bumpy road unless it is latched. */
const LATCHED: ReadonlySet<FixtureKind> = new Set([
  'fridge',
  'oven',
  'microwave',
  'pantry',
  'wardrobe',
  'cabinet',
  'tall-cabinet',
  'overhead',
  'nightstand',
  'linen',
  'vanity',
  'shower',
  'tub',
  'wet-bath',
  'washer',
])

/** By name all that must be latched, shut, in, up or down on this unit. */
function road(trailer: Trailer): HandoverCard {
  const { plan } = trailer
  const names = (ids: readonly { id: string }[]): string =>
    listed([...new Set(ids.map(({ id }) => small(nameOnPlan(plan, id))))])
  // A curtain is tied, and falls out of nothing.
  const latched = plan.fixtures.filter(
    ({ kind, readings }) => LATCHED.has(kind) && word(readings, 'closure') !== 'curtain',
  )
  const inner = plan.doors.filter(({ kind }) => !DOOR_KINDS[kind].outer && kind !== 'curtain')
  const outer = plan.doors.filter(({ kind }) => DOOR_KINDS[kind].outer)
  const bays = plan.outside.filter(
    ({ kind }) => kind === 'bay' || kind === 'pass-through' || kind === 'outside-kitchen',
  )
  const tvs = plan.fixtures.filter(({ kind }) => kind === 'tv')
  const step = (id: string, words: Phrase): HandoverStep => ({ id: `road.${id}`, says: words })
  return {
    id: 'road',
    title: 'Before driving off',
    steps: [
      ...(latched.length ? [step('latched', says`Latched and emptied of what falls: ${names(latched)}.`)] : []),
      ...(tvs.length
        ? [
            step(
              'tv',
              says`${tvs.length === 1 ? 'TV' : `All ${tvs.length} TVs`}: locked on the mount, or lying on a bed.`,
            ),
          ]
        : []),
      ...(inner.length ? [step('doors', says`Inside doors hooked: ${names(inner)}.`)] : []),
      step('windows', says`Windows and roof vents shut, antenna down.`),
      ...(plan.slides.length
        ? [step('slides', says`${plan.slides.length === 1 ? 'Slide' : 'Slides'} in, and locked.`)]
        : []),
      ...(plan.canvasEnds?.length
        ? [step('canvas', says`Canvas ends folded in and latched, dry or opened again the same day.`)]
        : []),
      ...(plan.outside.some(({ kind }) => kind === 'awning') ? [step('awning', says`Awning in, and locked.`)] : []),
      ...(plan.outside.some(({ kind }) => kind === 'steps') ? [step('steps', says`Steps up.`)] : []),
      ...(bays.length ? [step('bays', says`Locked from outside: ${names(bays)}.`)] : []),
      step(
        'out',
        says`${outer.length > 1 ? `All ${outer.length} doors` : 'The door'} locked with the deadbolt, handle folded.`,
      ),
      step('hookups', says`Cord, hose and dump hose stowed, valves shut, caps on, water heater off, pump off.`),
      step('under', says`Stabilizers up, chocks away, jack up.`),
      step(
        'round',
        says`Once round it: tires, lights, nothing hanging, nothing left behind; then ten yards, and look again.`,
      ),
    ],
    defers: 'Gas on the road: the maker’s manual and local codes decide.',
  }
}

function upkeep(trailer: Trailer): HandoverCard {
  const psi = trailerFigure(trailer, 'tirePressure')
  const greased = best(trailer.features?.['lubeHubs'])?.value === true
  const [battery] = equipmentOf(trailer, 'battery') ?? []
  return {
    id: 'upkeep',
    title: 'From trip to trip',
    steps: [
      psi === undefined
        ? {
            id: 'upkeep.tires',
            says: says`Read the cold tire pressure off the label together; it counts before each trip.`,
            toRead: true,
          }
        : {
            id: 'upkeep.tires',
            says: says`Tires at ${quantity(psi, 'psi')} cold, before each trip; the label counts.`,
          },
      {
        id: 'upkeep.nuts',
        says: says`Lug nuts by torque wrench after the first 10, 25 and 50 miles, and after each wheel change: the manual says how tight.`,
      },
      {
        id: 'upkeep.hubs',
        says: greased
          ? says`Hubs greased from outside once a year, and felt by hand at each stop: hot is a reason to stop.`
          : says`Bearings repacked once a year or as the manual says, and felt by hand at each stop: hot is a reason to stop.`,
      },
      {
        id: 'upkeep.seals',
        says: says`Roof, window and door seals looked at every 90 days, and mended with the maker’s sealant.`,
      },
      ...(word(battery?.readings, 'chemistry') === 'lead-acid'
        ? [{ id: 'upkeep.battery', says: says`Battery water once a month, distilled; never left empty.` }]
        : battery
          ? [{ id: 'upkeep.battery', says: says`Battery: never left empty; charged as its label says.` }]
          : []),
    ],
    defers: 'Brakes, bearings, gas and frame: a licensed technician, once a year.',
  }
}

function winter(trailer: Trailer): HandoverCard {
  const { plan } = trailer
  const has = (kind: string) => plan.outside.some((one) => one.kind === kind)
  const far = [
    ...(has('outside-shower') ? ['outside shower'] : []),
    ...(has('outside-kitchen') ? ['outside kitchen'] : []),
    ...(plan.fixtures.some(({ kind }) => kind === 'washer') ? ['washer'] : []),
    ...(best(trailer.readings['sprayPort'])?.value === true ? ['spray port'] : []),
    ...(best(trailer.readings['blackFlush'])?.value === true ? ['black-tank flush'] : []),
  ]
  return {
    id: 'winter',
    title: 'Before frost',
    steps: [
      {
        id: 'winter.drain',
        says: says`All tanks empty, low-point drains open, water heater off, cold and drained, then bypassed.`,
      },
      {
        id: 'winter.fill',
        says: says`Pink antifreeze (for drinking-water systems) through the pump to every tap, hot and cold, the toilet and each trap.`,
      },
      ...(far.length ? [{ id: 'winter.far', says: says`Not forgotten: ${listed(far)}.` }] : []),
      {
        id: 'winter.away',
        says: says`Battery out or kept charged, refrigerator open a crack, gas shut, nothing left that mice eat.`,
      },
    ],
    defers: 'The maker’s manual decides; the dealership does it for those who would rather not.',
  }
}

function spares(trailer: Trailer): HandoverCard {
  const [spare] = equipmentOf(trailer, 'spare') ?? []
  const place = word(spare?.readings, 'place')
  const known = equipmentOf(trailer, 'spare')
  return {
    id: 'spares',
    title: 'To carry',
    steps: [
      known === undefined
        ? { id: 'spares.tire', says: says`Look together whether it has a spare tire, and where.`, toRead: true }
        : spare
          ? {
              id: 'spares.tire',
              says: says`Spare tire${place ? `, ${small(place)}` : ''}: got down once, with the wrench that fits and a jack rated for it.`,
            }
          : {
              id: 'spares.tire',
              says: says`It has no spare tire: get one of the size on the label before a long way.`,
            },
      { id: 'spares.level', says: says`Leveling blocks, two pairs of chocks, gloves.` },
      { id: 'spares.water', says: says`Drinking-water hose, pressure regulator, dump hose with elbow and cap.` },
      { id: 'spares.power', says: says`Adapters for the cord, a tester or surge guard, fuses of each size.` },
      { id: 'spares.papers', says: says`Registration, insurance, manuals, the number of the service desk.` },
    ],
  }
}
