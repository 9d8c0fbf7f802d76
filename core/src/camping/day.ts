import type { Camp } from './camp'
import { TIMES, WASTE, WATER, type Habits } from './habits'
import type { Rig } from './rig'
import { HOURS, type Weather } from './weather'

/** What an ordinary day asks and gives, by the hour from midnight. */
export interface Day {
  /** Gallons: drawn, and what comes back to each tank. */
  fresh: readonly number[]
  gray: readonly number[]
  galley: readonly number[]
  black: readonly number[]
  /** Wh asked of the battery, and offered to it. */
  load: readonly number[]
  charge: readonly number[]
  /** BTU burned. */
  propane: readonly number[]
  /** Of what they want of warmth, how much the furnace does not give, BTU. */
  cold: readonly number[]
  temperature: readonly number[]
}

export function dayOf(rig: Rig, camp: Camp, habits: Habits, weather: Weather = camp.weather.hardest): Day {
  const { people, rules } = camp
  const water = WATER[habits.washing]
  const by = (times: readonly number[], gallons: number) => times.map((share) => share * gallons * people)
  const [shower, basin, dishes] = [
    by(TIMES.shower, water.shower),
    by(TIMES.basin, water.basin),
    by(TIMES.dishes, water.dishes),
  ]
  const [flush, drunk, waste] = [by(TIMES.flush, water.flush), by(TIMES.drunk, water.drunk), by(TIMES.flush, WASTE)]
  const fresh = HOURS.map((hour) => shower[hour]! + basin[hour]! + dishes[hour]! + flush[hour]! + drunk[hour]!)
  const hot = HOURS.map((hour) => shower[hour]! + dishes[hour]!)
  const heating = HOURS.map((hour) => heatingAt(hour, rig, camp, habits, weather))
  const electric = HOURS.map((hour) => electricAt(hour, rig, camp, habits, weather))
  return {
    fresh,
    gray: HOURS.map((hour) => shower[hour]! + basin[hour]!),
    galley: dishes,
    black: HOURS.map((hour) => flush[hour]! + waste[hour]!),
    load: HOURS.map((hour) => electric[hour]! + heating[hour]!.fan + (camp.water ? 0 : fresh[hour]! * rules.pump)),
    charge: chargeOf(rig, camp, weather),
    propane: HOURS.map((hour) => {
      const cooking = TIMES.cooking[hour]! * (rules.cooking + rules.cookingPerPerson * people)
      // Where there is power, refrigerator and water heater run on it if they can.
      const heater =
        camp.power && rig.electricWater
          ? 0
          : (hot[hour]! * rules.waterPerGallon * (rules.hotWater - rules.coldWater)) / rules.burnerEfficiency
      const fridge = (camp.power ? 0 : rig.fridgeGas) * fridgeDuty(weather.temperature[hour]!, habits, camp)
      return cooking + heater + fridge + heating[hour]!.burned
    }),
    cold: heating.map(({ short }) => short),
    temperature: weather.temperature,
  }
}

/** What the furnace does in an hour: what goes out through the shell, less what people give. */
function heatingAt(
  hour: number,
  rig: Rig,
  { people, power, rules }: Camp,
  { heatTo }: Habits,
  { temperature }: Weather,
) {
  const wanted = Math.max(
    0,
    rig.heatLoss * (heatTo - temperature[hour]!) - people * rules.bodyHeat - (power ? rig.fireplace : 0),
  )
  const given = Math.min(wanted, rig.furnace)
  return {
    burned: given / (rules.burnerEfficiency * rules.ducts),
    fan: rig.furnace > 0 ? (given / rig.furnace) * rig.furnaceFan : 0,
    short: wanted - given,
  }
}

/** Inside it is never colder than they keep it, nor cooler than outside. */
function fridgeDuty(outside: number, { heatTo }: Habits, { rules }: Camp): number {
  return Math.max(0.4, 1 + rules.fridgePerDegree * (Math.max(heatTo, outside) - 75))
}

function electricAt(hour: number, rig: Rig, camp: Camp, habits: Habits, { temperature }: Weather): number {
  const { people, cpaps, rules } = camp
  const outside = temperature[hour]!
  const fan = outside > (habits.evenings ? 75 : 85) ? rules.fan : 0
  return (
    rules.idle +
    rig.fridge * fridgeDuty(outside, habits, camp) +
    TIMES.lights[hour]! * rules.lights +
    TIMES.devices[hour]! * rules.devices * people +
    (habits.evenings ? TIMES.tv[hour]! * rules.tv : 0) +
    TIMES.asleep[hour]! * rules.cpap * cpaps +
    fan
  )
}

/** Sun on the roof and on a panel set up beside it, through the controller; a generator through the converter. */
function chargeOf(rig: Rig, { generator, panel, shade, rules }: Camp, { sun }: Weather): number[] {
  const shaded = shade === 'none' ? 1 : shade === 'half' ? rules.halfShade : rules.deepShade
  const running: readonly number[] = TIMES.generator.slice(0, Math.ceil(generator))
  return HOURS.map((hour) => {
    const share = (sun[hour]! / 1_000) * rules.panelEfficiency
    const roof = Math.min(rig.controller, rig.solar * share * shaded)
    // It stands where the sun is, with a controller of its own: by a plug, or clamped to the battery.
    const beside = panel * share
    const last = running.at(-1)
    const ran = running.includes(hour) ? (hour === last && generator % 1 ? generator % 1 : 1) : 0
    return roof + beside + ran * rules.converter
  })
}
