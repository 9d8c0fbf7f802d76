import { WATER } from '../quantity/weights'
import { says } from '../quantity/phrase'
import { inches, pounds, quantity } from '../quantity/quantity'
import { figure, flag, word } from '../readings/reading'
import { equipmentOf } from '../trailer/equipment'
import { trailerFigure, type Trailer } from '../trailer/trailer'
import type { HandoverCard, HandoverStep } from './card'

/** From the road to the site: hitched, leveled, unhitched, hooked up (common practice). */
export function arrivingCards(trailer: Trailer): HandoverCard[] {
  return [hitching(trailer), leveling(trailer), power(trailer), water(trailer), dumping(trailer)]
}

function hitching(trailer: Trailer): HandoverCard {
  const ball = trailerFigure(trailer, 'couplerBall')
  return {
    id: 'hitch',
    title: 'Hitching up',
    steps: [
      ball === undefined
        ? {
            id: 'hitch.ball',
            says: says`Read the ball size stamped on the coupler, and on their ball: both are the same.`,
            toRead: true,
          }
        : { id: 'hitch.ball', says: says`The coupler takes a ball of ${ballSize(ball)}; read theirs.` },
      {
        id: 'hitch.latch',
        says: says`Coupler down on the ball, latched and pinned; lift the tongue with the jack to see that it holds.`,
      },
      {
        id: 'hitch.bars',
        says: says`With a weight-distribution hitch: bars set as its manual says, for this trailer loaded.`,
      },
      {
        id: 'hitch.chains',
        says: says`Chains crossed under the coupler, breakaway cable to the vehicle and not to the ball, plug in.`,
      },
      {
        id: 'hitch.lights',
        says: says`Running lights, brakes and both turn signals looked at from behind; brake controller tried at walking pace.`,
      },
      { id: 'hitch.jack', says: says`Jack all the way up, wheel chocks away.` },
    ],
    defers: 'The manuals of hitch and vehicle decide how it is set; a certified scale tells whether it is right.',
  }
}

const ballSize = (ball: number) => (Math.abs(ball - 2.3125) < 0.05 ? '2 5/16 in' : says`${inches(ball)}`)

function leveling(trailer: Trailer): HandoverCard {
  const [jack] = equipmentOf(trailer, 'jack') ?? []
  const [stabilizers] = equipmentOf(trailer, 'stabilizers') ?? []
  const power = word(jack?.readings, 'drive') === 'power'
  const drive = word(stabilizers?.readings, 'drive')
  return {
    id: 'level',
    title: 'Leveling and unhitching',
    steps: [
      {
        id: 'level.side',
        says: says`Still hitched: level from side to side on blocks, then chock the wheels on both sides.`,
      },
      {
        id: 'level.unhitch',
        says: says`Plug, chains and breakaway cable off, coupler up with the jack, vehicle away.`,
      },
      {
        id: 'level.jack',
        says: power
          ? says`Level from front to rear with the power jack: its button, and the crank for when the battery is empty.`
          : says`Level from front to rear with the tongue jack.`,
      },
      {
        id: 'level.stabilizers',
        says:
          drive === undefined || drive === 'manual'
            ? says`Stabilizers down last, by crank or drill, until they touch: they steady it and never lift it.`
            : says`Stabilizers down last by their buttons, and the crank for when the battery is empty: they steady it and never lift it.`,
      },
    ],
  }
}

function power(trailer: Trailer): HandoverCard {
  const shore = word(trailer.readings, 'shorePower')
  const amps: HandoverStep =
    shore === undefined
      ? { id: 'power.cord', says: says`Read together whether its cord is for 30 A or 50 A.`, toRead: true }
      : {
          id: 'power.cord',
          says: says`Its cord is for ${shore}: with an adapter to less, fewer things run at once.`,
        }
  return {
    id: 'power',
    title: 'Power',
    steps: [
      amps,
      { id: 'power.order', says: says`Breaker at the post off, tester or surge guard in, cord in, breaker on.` },
      { id: 'power.panel', says: says`Where breakers and fuses are, and the button of each outlet that trips (GFCI).` },
      ...(equipmentOf(trailer, 'battery')?.length
        ? [
            {
              id: 'power.battery',
              says: says`Where the battery and its switch are: off when it is stored, on for everything else.`,
            },
          ]
        : []),
      ...(equipmentOf(trailer, 'generator')?.length
        ? [
            {
              id: 'power.generator',
              says: says`Generator: never near a window or a door, never fueled hot, never carried inside.`,
            },
          ]
        : []),
    ],
    defers: 'Local codes and a licensed electrician decide whatever is not plugged in.',
  }
}

function water(trailer: Trailer): HandoverCard {
  const [tank] = equipmentOf(trailer, 'fresh-tank') ?? []
  const gallons = figure(tank?.readings, 'capacity')
  const [heater] = equipmentOf(trailer, 'water-heater') ?? []
  const fuel = word(heater?.readings, 'fuel')
  return {
    id: 'water',
    title: 'Water',
    steps: [
      {
        id: 'water.city',
        says: says`On city water: pressure regulator at the tap, a hose for drinking water, and the pump stays off.`,
      },
      {
        id: 'water.fill',
        says:
          gallons === undefined
            ? says`Fresh tank: where it is filled, and the gauge; then the pump runs it.`
            : says`Fresh tank of ${quantity(gallons, 'gal')}, ${full(gallons)} when full: where it is filled, then the pump runs it.`,
      },
      ...(heater
        ? [
            {
              id: 'water.heater',
              says: says`Water heater${fuel ? `, ${fuel}` : ''}: not bypassed, and full before it is switched on, or it burns out.`,
            },
          ]
        : []),
      { id: 'water.drains', says: says`Where the low-point drains are.` },
    ],
  }
}

const full = (gallons: number) => pounds(Math.round(gallons * WATER))

function dumping(trailer: Trailer): HandoverCard {
  const flush = flag(trailer.readings, 'blackFlush')
  const points = trailerFigure(trailer, 'dumpPoints')
  const gray = (equipmentOf(trailer, 'gray-tank')?.length ?? 0) + (equipmentOf(trailer, 'galley-tank')?.length ?? 0)
  return {
    id: 'dump',
    title: 'Dumping',
    steps: [
      {
        id: 'dump.shut',
        says: says`At the site the black valve stays shut until the tank is full enough to flush: two thirds (common practice).`,
      },
      {
        id: 'dump.hose',
        says: says`Gloves on, hose to the ${points !== undefined && points > 1 ? `first of ${points} outlets` : 'outlet'}, cap kept.`,
      },
      { id: 'dump.black', says: says`Black first, until it runs no more; shut.` },
      flush
        ? {
            id: 'dump.flush',
            says: says`Rinse it through the black-tank flush with the valve open, as its manual says: with the valve shut it can overflow.`,
          }
        : {
            id: 'dump.flush',
            says: says`Fill the black tank with some water through the toilet, and empty it once more.`,
          },
      {
        id: 'dump.gray',
        says: says`Then gray${gray > 1 ? ', one tank after the other' : ''}: it rinses the hose. Both shut, cap on.`,
      },
    ],
    defers: 'Only where dumping is allowed: the park and local codes say where.',
  }
}
