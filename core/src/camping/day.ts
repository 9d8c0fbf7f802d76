import { energyOf } from './appliances'
import { asGrown, type Camp } from './camp'
import { TIMES, WASTE, WATER, type Habits } from './habits'
import type { Rig } from './rig'
import type { CampingRules } from './rules'
import { HOURS, type Weather } from './weather'
import { latest } from '../memory/remembered'

/** What an ordinary day asks and gives, by the hour from midnight. */
export interface Day extends Water {
  /** Wh asked of the battery, and offered to it. */
  load: readonly number[]
  charge: readonly number[]
  /** Instead of it on a day on which they drive on, from when they leave until they are there again. */
  road?: { every: number; load: readonly number[]; charge: readonly number[] }
  /** BTU burned. */
  propane: readonly number[]
  temperature: readonly number[]
}

/** Gallons: drawn, and what comes back to each tank. */
interface Water {
  fresh: readonly number[]
  gray: readonly number[]
  galley: readonly number[]
  /** Both, where one tank takes them. */
  grayWithGalley: readonly number[]
  black: readonly number[]
  /** Of what is drawn, hot. */
  hot: readonly number[]
}

export function dayOf(rig: Rig, camp: Camp, habits: Habits, weather: Weather = camp.weather.hardest): Day {
  const { people, power, rules } = camp
  const water = waterOf(asGrown(camp), habits)
  const load = new Array<number>(24)
  const propane = new Array<number>(24)
  const outlets = energyOf(camp.pluggedIn)
  const cooking = rules.cooking + rules.cookingPerPerson * people
  // Where there is power, refrigerator and water heater run on it if they can.
  const perHot =
    power && rig.electricWater
      ? 0
      : (rules.waterPerGallon * (rules.hotWater - rules.coldWater)) / rules.burnerEfficiency
  for (let hour = 0; hour < 24; hour++) {
    const heat = heatingAt(hour, rig, camp, habits, weather)
    const duty = fridgeDuty(weather.temperature[hour]!, habits, camp)
    const pumped = camp.water ? 0 : water.fresh[hour]! * rules.pump
    const plugged = (TIMES.outlets[hour]! * rig.outlets * outlets) / rules.inverterEfficiency
    load[hour] = electricAt(hour, rig.fridge * duty, camp, habits, weather) + heat.fan + pumped + plugged
    const fridge = power ? 0 : rig.fridgeGas * duty
    propane[hour] = TIMES.cooking[hour]! * cooking + water.hot[hour]! * perHot + fridge + heat.burned
  }
  return {
    ...water,
    load,
    charge: chargeOf(rig, camp, weather),
    ...(camp.moves && { road: onTheRoad(rig, camp, camp.moves, habits, weather) }),
    propane,
    temperature: weather.temperature,
  }
}

/** The same for all units of a yard: worked out once for so many people who wash so. */
const waterOf = (people: number, { washing }: Habits): Water =>
  waters(`${people} ${washing}`, () => waterBy(people, washing))

/** At most so many people and ways to wash. */
const waters = latest<Water>(200)

function waterBy(people: number, washing: Habits['washing']): Water {
  const each = WATER[washing]
  const by = (times: readonly number[], gallons: number) => times.map((share) => share * gallons * people)
  const [shower, basin, galley] = [
    by(TIMES.shower, each.shower),
    by(TIMES.basin, each.basin),
    by(TIMES.dishes, each.dishes),
  ]
  const [flush, drunk, waste] = [by(TIMES.flush, each.flush), by(TIMES.drunk, each.drunk), by(TIMES.flush, WASTE)]
  const gray = HOURS.map((hour) => shower[hour]! + basin[hour]!)
  return {
    fresh: HOURS.map((hour) => gray[hour]! + galley[hour]! + flush[hour]! + drunk[hour]!),
    gray,
    galley,
    grayWithGalley: HOURS.map((hour) => gray[hour]! + galley[hour]!),
    black: HOURS.map((hour) => flush[hour]! + waste[hour]!),
    hot: HOURS.map((hour) => shower[hour]! + galley[hour]!),
  }
}

/** What the furnace does in an hour: what goes out through the shell, less what people give. */
function heatingAt(hour: number, rig: Rig, camp: Camp, { heatTo }: Habits, { temperature }: Weather) {
  const { power, rules } = camp
  const wanted = Math.max(
    0,
    rig.heatLoss * (heatTo - temperature[hour]!) - asGrown(camp) * rules.bodyHeat - (power ? rig.fireplace : 0),
  )
  const given = Math.min(wanted, rig.furnace)
  return {
    burned: given / (rules.burnerEfficiency * rules.ducts),
    fan: rig.furnace > 0 ? (given / rig.furnace) * rig.furnaceFan : 0,
  }
}

/** Inside it is never colder than they keep it, nor cooler than outside. */
function fridgeDuty(outside: number, { heatTo }: Habits, { rules }: Camp): number {
  return Math.max(0.4, 1 + rules.fridgePerDegree * (Math.max(heatTo, outside) - 75))
}

function electricAt(hour: number, fridge: number, camp: Camp, habits: Habits, { temperature }: Weather): number {
  const { people, cpaps, humidifiers, rules } = camp
  const outside = temperature[hour]!
  const fan = outside > (habits.evenings ? 75 : 85) ? rules.fan : 0
  return (
    rules.idle +
    fridge +
    TIMES.lights[hour]! * rules.lights +
    TIMES.devices[hour]! * rules.devices * people +
    (habits.evenings ? TIMES.tv[hour]! * rules.tv : 0) +
    TIMES.asleep[hour]! * (rules.cpap * cpaps + rules.humidifier * humidifiers) +
    fan
  )
}

/** They come in the afternoon and leave after breakfast. Hours of the day. */
export const ARRIVE = 16
export const LEAVE = 10

/** Whether they are on the road in an hour after arrival. */
export const onRoad = ({ road }: Pick<Day, 'road'>, h: number): boolean =>
  road !== undefined && (Math.floor(h / 24) + 1) % road.every === 0 && h % 24 >= 24 + LEAVE - ARRIVE

/**
 * Nobody is in it and nothing of theirs runs but the refrigerator; the sun is on the roof, no panel stands beside it, and the
 * vehicle charges while its engine runs.
 */
function onTheRoad(
  rig: Rig,
  camp: Camp,
  { every, hours }: NonNullable<Camp['moves']>,
  habits: Habits,
  weather: Weather,
) {
  const { rules } = camp
  return {
    every,
    load: HOURS.map((hour) => rules.idle + rig.fridge * fridgeDuty(weather.temperature[hour]!, habits, camp)),
    charge: HOURS.map((hour) => {
      const driven = Math.min(1, Math.max(0, hours - (hour - LEAVE)))
      return roofAt(weather.sun[hour]!, rig, rules) + driven * rules.vehicleCharge
    }),
  }
}

/** What the panels on the roof give in the open, W. */
const roofAt = (sun: number, { controller, solar }: Rig, { panelEfficiency }: CampingRules, shaded = 1): number =>
  Math.min(controller, solar * (sun / 1_000) * panelEfficiency * shaded)

/** Sun on the roof and on a panel set up beside it, through the controller; a generator through the converter. */
function chargeOf(rig: Rig, { generator, panel, shade, rules }: Camp, { sun }: Weather): number[] {
  const shaded = shade === 'none' ? 1 : shade === 'half' ? rules.halfShade : rules.deepShade
  const running: readonly number[] = TIMES.generator.slice(0, Math.ceil(generator))
  return HOURS.map((hour) => {
    const share = (sun[hour]! / 1_000) * rules.panelEfficiency
    const roof = roofAt(sun[hour]!, rig, rules, shaded)
    // It stands where the sun is, with a controller of its own: by a plug, or clamped to the battery.
    const beside = panel * share
    const last = running.at(-1)
    const ran = running.includes(hour) ? (hour === last && generator % 1 ? generator % 1 : 1) : 0
    return roof + beside + ran * rules.converter
  })
}
