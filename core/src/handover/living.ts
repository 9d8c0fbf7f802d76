import type { FixtureKind } from '../readings/catalogue'
import { BERTH_KINDS } from '../readings/catalogue'
import { nameOnPlan, small } from '../plan/naming'
import { listed, says } from '../quantity/phrase'
import { pounds, quantity } from '../quantity/quantity'
import { best, figure, flag, word } from '../readings/reading'
import { equipmentOf } from '../trailer/equipment'
import type { Trailer } from '../trailer/trailer'
import type { HandoverCard, HandoverStep } from './card'

/** From which age on somebody sleeps in an upper bunk. */
export interface UpperBunkRule {
  upperBunkFrom: number
}

/** What is used in it every day, as far as this unit has it. */
export function livingCards(trailer: Trailer, rules: UpperBunkRule): HandoverCard[] {
  return [
    slides(trailer),
    awning(trailer),
    cold(trailer),
    warm(trailer),
    beds(trailer, rules),
    conversions(trailer),
  ].filter(({ steps }) => steps.length > 0)
}

export function slides({ plan }: Trailer): HandoverCard {
  const many = plan.slides.length
  if (many === 0) return { id: 'slides', title: 'Before the slide moves', steps: [] }
  const riding = plan.fixtures.filter(({ id }) => plan.slides.some((slide) => fixtureRides(plan, id, slide.id)))
  const ridden = riding.slice(0, 4).map(({ id }) => small(nameOnPlan(plan, id)))
  return {
    id: 'slides',
    title: many === 1 ? 'Before the slide moves' : `Before one of the ${many} slides moves`,
    steps: [
      { id: 'slides.outside', says: says`Outside: nothing in its way, nobody beside it, leveled, battery or post on.` },
      {
        id: 'slides.inside',
        says: riding.length
          ? says`Inside: the floor before it swept, chairs away, nobody and no pet on or before ${listed(ridden)}.`
          : says`Inside: the floor before it swept, chairs away, nobody and no pet before it.`,
      },
      { id: 'slides.go', says: says`One goes out or in without a stop; hear it stop, and let the button go.` },
      { id: 'slides.lock', says: says`In before the road, and locked where it has a lock; nothing leans on it.` },
      { id: 'slides.override', says: says`Where it is moved by hand when the motor does not.` },
    ],
    defers: 'The maker’s manual says how it is moved by hand and what is greased.',
  }
}

const fixtureRides = ({ fixtures }: Trailer['plan'], id: string, slide: string): boolean =>
  fixtures.some((one) => one.id === id && one.slide === slide)

export function awning({ plan, features }: Trailer): HandoverCard {
  const [awning] = plan.outside.filter(({ kind }) => kind === 'awning')
  const power = flag(awning?.readings, 'power')
  const byHand = best(features?.['awningOverride'])?.value
  return {
    id: 'awning',
    title: 'Awning',
    steps: awning
      ? [
          {
            id: 'awning.out',
            says: says`Out ${power ? 'by its button' : 'by hand'}, one corner lower for rain; in before wind and at night.`,
          },
          ...(power
            ? [
                {
                  id: 'awning.hand',
                  says:
                    byHand === true
                      ? says`How it is run in by hand.`
                      : says`What is done when its motor does not run it in: read its manual.`,
                },
              ]
            : []),
        ]
      : [],
  }
}

/** How each kind of refrigerator is run. */
const FRIDGES: Record<string, string> = {
  '12 V compressor': 'it runs off the battery, also on the road; on before it is loaded, four hours ahead',
  'gas-electric':
    'level before it runs, on a night before it is loaded; its modes by its own manual (what “auto” does differs), ' +
    'gas on the road by the maker’s manual and local codes',
  '120 V': 'it runs from the post, or off the battery by an inverter as long as that lasts',
}

function cold(trailer: Trailer): HandoverCard {
  const [fridge] = trailer.plan.fixtures.filter(({ kind }) => kind === 'fridge')
  const kind = word(fridge?.readings, 'kind')
  const [ac] = equipmentOf(trailer, 'air-conditioner') ?? []
  return {
    id: 'cold',
    title: 'Refrigerator and AC',
    steps: [
      ...(fridge
        ? [
            kind === undefined
              ? {
                  id: 'cold.fridge',
                  says: says`Read on the refrigerator’s plate what it runs on, and go through its modes.`,
                  toRead: true,
                }
              : { id: 'cold.fridge', says: says`Refrigerator, ${kind}: ${FRIDGES[kind] ?? 'as its manual says'}.` },
            { id: 'cold.latch', says: says`Its latch for the road, and what holds its door open a crack in storage.` },
          ]
        : []),
      ...(ac ? [{ id: 'cold.ac', says: says`AC and thermostat; its filter is washed every two weeks of use.` }] : []),
    ],
  }
}

function warm(trailer: Trailer): HandoverCard {
  const has = (kind: FixtureKind) => trailer.plan.fixtures.some((one) => one.kind === kind)
  const cylinders = equipmentOf(trailer, 'lp-cylinder')
  const furnace = equipmentOf(trailer, 'furnace')?.length
  return {
    id: 'warm',
    title: 'Gas, heat and alarms',
    steps: [
      ...(cylinders?.length
        ? [
            {
              id: 'warm.cylinders',
              says: says`Cylinders: opened slowly, changed over, and shut for storage; smell of gas: all shut, all out, nothing switched.`,
            },
            {
              id: 'warm.road',
              says: says`Gas on the road: by the maker’s manual and local codes, and off at every pump.`,
            },
          ]
        : []),
      ...(furnace
        ? [{ id: 'warm.furnace', says: says`Furnace by the thermostat; its vent outside stays clear, and is hot.` }]
        : []),
      ...(has('cooktop')
        ? [
            {
              id: 'warm.cook',
              says: says`Cooktop${has('oven') ? ' and oven' : ''}: lit once together, a window open; never to heat the room.`,
            },
          ]
        : []),
      ...(has('fireplace')
        ? [{ id: 'warm.fireplace', says: says`Electric fireplace: it takes most of a 15 A circuit.` }]
        : []),
      {
        id: 'warm.alarms',
        says: says`Smoke, CO and LP alarms: tested together now, then before each trip; the day on which each ends.`,
      },
      { id: 'warm.extinguisher', says: says`Fire extinguisher: where it is, its gauge in the green.` },
    ],
    defers: 'Whatever carries gas is mended by a licensed technician.',
  }
}

function beds({ plan }: Trailer, { upperBunkFrom }: UpperBunkRule): HandoverCard {
  const exits = plan.windows.filter(({ kind }) => kind === 'exit')
  const windows = exits.length === 1 ? 'window' : `windows, ${exits.length} of them`
  const limited = plan.berths.filter(({ kind }) => BERTH_KINDS[kind].limited)
  return {
    id: 'beds',
    title: 'Beds and ways out',
    steps: [
      ...limited.map(({ id, name, readings }): HandoverStep => {
        const limit = figure(readings, 'weightLimit')
        return limit === undefined
          ? { id: `beds.${id}`, says: says`${name}: read its label together, what it carries.`, toRead: true }
          : { id: `beds.${id}`, says: says`${name}: carries ${pounds(limit)}, all who lie in it together.` }
      }),
      ...(plan.berths.some(({ kind }) => BERTH_KINDS[kind].upper)
        ? [
            {
              id: 'beds.upper',
              says: says`Upper bunks: guard up, nobody under ${upperBunkFrom}, no climbing but by the ladder.`,
            },
          ]
        : []),
      {
        id: 'beds.exits',
        says: exits.length
          ? says`Exit ${windows}: each opened once by the people who sleep beside it, and kept clear.`
          : says`A second way out from each bed: found, opened and kept clear.`,
        ...(exits.length === 0 && { toRead: true }),
      },
    ],
    defers: 'Labels at bunks and windows count.',
  }
}

function conversions({ plan }: Trailer): HandoverCard {
  return {
    id: 'conversions',
    title: 'Beds that are made up',
    steps: plan.conversions.map(({ id, name, steps, minutes }): HandoverStep => {
      const how = steps.length ? says`${steps.map(small).join('; ')}` : says`steps not written down: try it together`
      return {
        id: `conversions.${id}`,
        says: says`${name}, ${quantity(minutes, 'min')}: ${how}; then back.`,
        ...(steps.length === 0 && { toRead: true }),
      }
    }),
  }
}
