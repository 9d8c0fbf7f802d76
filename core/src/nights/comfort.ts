import { listed, says, type Phrase } from '../quantity/phrase'
import { inches, pounds } from '../quantity/quantity'
import { small } from '../plan/naming'
import { dogsOf, widthOfDogs, type Dog } from './dogs'
import type { ComfortRules } from './comfortRules'
import type { NightRules } from './rules'
import { isBunk, isLimited, isUpper, type BerthFact } from './facts'
import type { Sleeper } from './need'

/**
 * Something a sleeper would rather not have. `noticed`: it is as it is; `tight`: nobody is content with it every
 * night; `unmet`: they asked for it and it is wanting; `measure`: `key` has to be read first. `frail`: it is no
 * squeeze for a night either, for those it is about.
 */
export interface Heard {
  says: Phrase
  weight: 'noticed' | 'tight' | 'unmet' | 'measure'
  brief?: string
  key?: string
  frail?: boolean
}
export type Hear = (heard: Heard) => void

/**
 * How little a group likes a berth that takes them, in points of the house rules; 0: nothing to wish for.
 * Figures nobody read cost nothing. What lies beside the way out, and who sleeps in the same room, is not
 * known yet and comes on top (`disturbed.ts`). `hear` is told each point in words; a ranking does without.
 */
export function discomfort(
  group: readonly Sleeper[],
  berth: BerthFact,
  spare: number,
  widthSpare: number,
  night: NightRules,
  hear?: Hear,
): number {
  const { comfort: rules, adultFrom, lengthComfort, lengthSpare } = night
  const two = group.length > 1
  let points = 0
  if (spare < lengthComfort - lengthSpare) points += rules.short
  if (two && group[0]!.partner !== group[1]!.id) points += rules.sharing
  if (two && berth.climbsOver) points += climbingOver(group as [Sleeper, Sleeper], berth, rules, hear)
  if (two && group.every(({ age }) => age >= adultFrom) && isBunk(berth)) {
    points += rules.twoInBunk
    hear?.({
      says: says`${group[0]!.name} and ${group[1]!.name}, two grown people, would share a bunk, the ${small(berth.name)}`,
      weight: 'tight',
      brief: 'two adults in a bunk',
    })
  }
  if (two && group[0]!.age >= adultFrom && berth.closedBy !== 'door')
    points += berth.closedBy === 'curtain' ? rules.openCurtain : rules.open
  if (widthSpare < rules.widthToSpare) points += rules.narrow
  for (const sleeper of group) points += ofOne(sleeper, berth, night, hear)
  points += withDogs(group, berth, widthSpare, night, hear)
  return points
}

/** Dogs on the bed: they climb to none, weigh on what has a limit, and take width. */
function withDogs(
  group: readonly Sleeper[],
  berth: BerthFact,
  widthSpare: number,
  night: NightRules,
  hear: Hear | undefined,
): number {
  const dogs = dogsOf(group)
  if (dogs.length === 0) return 0
  const { noDog } = night.comfort
  const [whom, beside] = [listed(dogs.map(({ name }) => name)), listed(group.map(({ name }) => name))]
  if (isUpper(berth)) {
    const climbs = dogs.length > 1 ? "don't climb" : "doesn't climb"
    hear?.({ says: says`${whom} ${climbs} to the ${small(berth.name)}`, weight: 'unmet', brief: 'a dog and a ladder' })
    return noDog
  }
  const open = dogs.filter(({ weight }) => weight === undefined)
  const heavy = weightWith(group, dogs)
  if (isLimited(berth) && berth.limit !== undefined && heavy > berth.limit) {
    const limit = says`the ${small(berth.name)} is limited to ${pounds(berth.limit)}`
    if (heavy === Infinity && open[0] && weightWith(group, []) < berth.limit) {
      hear?.({ says: says`what ${whom} weighs: ${limit}, with ${beside} in it`, weight: 'measure', key: open[0].key })
    } else if (heavy < Infinity)
      hear?.({
        says: says`${limit}: ${beside} and ${whom} come to ${pounds(heavy)}, so no dog goes there`,
        weight: 'unmet',
        brief: 'over the limit with the dog',
      })
    return noDog
  }
  const [least, most] = widthOfDogs(dogs, night)
  if (widthSpare >= most) return 0
  const spare = says`${inches(Math.max(0, widthSpare))} of width to spare`
  if (widthSpare >= least && open[0]) {
    hear?.({ says: says`whether ${whom} fits beside ${beside}, with ${spare}`, weight: 'measure', key: open[0].key })
    return noDog
  }
  hear?.({ says: says`no room for ${whom} beside ${beside}: ${spare}, ${inches(least)} needed`, weight: 'unmet' })
  return noDog
}

/** All that lies there, pounds, each as heavy as it may be. */
const weightWith = (group: readonly Sleeper[], dogs: readonly Dog[]): number =>
  group.reduce((sum, { weight, heaviest }) => sum + (weight ?? heaviest ?? Infinity), 0) +
  dogs.reduce((sum, { weight = Infinity }) => sum + weight, 0)

const stuck = ({ climbs, nightTrips }: Sleeper): boolean => !climbs || nightTrips

/** Of two, the one who is up at night or does not climb lies outside; of two such one cannot. */
function climbingOver([a, b]: [Sleeper, Sleeper], { name }: BerthFact, rules: ComfortRules, hear?: Hear): number {
  const both = stuck(a) && stuck(b)
  // Who cannot climb at all lies outside before who is only up at night.
  const [inside, outside] = stuck(a) && (!stuck(b) || !a.climbs) ? [b, a] : [a, b]
  const why = inside.nightTrips ? ', up at night,' : ''
  hear?.({
    says: both
      ? says`in the ${small(name)}, open on one side only, ${inside.name}${why} would climb over ${outside.name}`
      : says`in the ${small(name)} ${inside.name} lies on the inside and climbs over ${outside.name}`,
    weight: both ? 'tight' : 'noticed',
    ...(both && { brief: 'climbing over at night', frail: true }),
  })
  return both ? rules.stuckInside : rules.climbOver
}

function ofOne(sleeper: Sleeper, berth: BerthFact, night: NightRules, hear: Hear | undefined): number {
  const { comfort: rules, adultFrom } = night
  const { age, frail, guest } = sleeper
  const grown = age >= adultFrom
  let points = 0
  if (guest && berth.kind === 'bed') points += rules.guestInBed
  if (!grown) points += berth.kind === 'bed' ? rules.childInBed : 0
  else if (isUpper(berth)) points += frail ? rules.frailOnLadder : rules.adultOnLadder
  else if (berth.kind === 'bunk') points += rules.adultInBunk
  if (berth.kind === 'floor-mat') points += rules.floorMat
  if (grown && berth.conversion)
    points += (guest ? rules.adultMadeUp : rules.hostMadeUp) + (frail ? rules.frailMadeUp : 0)
  points += headroom(sleeper, berth, night, hear)
  if (hear) lowly(sleeper, berth, night, hear)
  if (hear) guarded(sleeper, berth, night, hear)
  return points + asked(sleeper, berth, rules, hear)
}

/** A floor mat; something climbed to or made up for one who is frail. */
function lowly({ name, age, frail }: Sleeper, berth: BerthFact, { adultFrom }: NightRules, hear: Hear): void {
  const who = age >= adultFrom && frail ? `${name}, ${Math.floor(age)},` : name
  if (berth.kind === 'floor-mat')
    hear({ says: says`${who} would sleep on a mat on the floor`, weight: 'tight', brief: 'on the floor', frail })
  else if (frail && isUpper(berth))
    hear({ says: says`${who} would climb to the ${small(berth.name)}`, weight: 'tight', brief: 'climbs to bed', frail })
  else if (frail && berth.conversion)
    hear({
      says: says`${who} would sleep on a bed that is made up, the ${small(berth.name)}`,
      weight: 'tight',
      brief: 'a made-up bed',
      frail,
    })
}

/** A child rolls: an upper bunk has its guard, and that stands well above the mattress that lies in it. */
function guarded({ name, age }: Sleeper, berth: BerthFact, { guardLeast, guardUnder }: NightRules, hear: Hear): void {
  if (!isUpper(berth) || age >= guardUnder || (berth.guard ?? 0) >= guardLeast) return
  const guard = says`guard of the ${small(berth.name)}`
  hear(
    berth.guard === undefined
      ? {
          says: says`whether the ${guard} stands ${inches(guardLeast)} above the mattress, for ${name}`,
          weight: 'measure',
          key: `plan.berths.${berth.id}.guardHeight`,
        }
      : {
          says: says`the ${guard} stands ${inches(berth.guard)} above the mattress where ${name} lies; ${inches(guardLeast)} is the least`,
          weight: 'tight',
          brief: 'a low guard',
          frail: true,
        },
  )
}

/** Sitting up in bed. A child minds it less. */
function headroom(
  { name, age, height }: Sleeper,
  berth: BerthFact,
  { comfort: rules, adultFrom }: NightRules,
  hear: Hear | undefined,
): number {
  if (berth.headroom === undefined || height === undefined || berth.headroom >= height * rules.sitUpShare) return 0
  hear?.({
    says: says`${name} cannot sit up in the ${small(berth.name)}: ${inches(berth.headroom)} of headroom`,
    weight: age >= adultFrom ? 'tight' : 'noticed',
    brief: 'too low to sit up',
  })
  return age >= adultFrom ? rules.cannotSitUp : rules.lowHeadroom
}

function asked(sleeper: Sleeper, berth: BerthFact, rules: ComfortRules, hear: Hear | undefined): number {
  const { name } = sleeper
  let points = 0
  if (sleeper.nightTrips && isUpper(berth)) {
    points += rules.upAtNightOnLadder
    hear?.({ says: says`${name}, up at night, has to come down a ladder`, weight: 'unmet' })
  }
  if (sleeper.cpap && berth.outlet !== true) {
    points += berth.outlet === false ? rules.noOutlet : rules.unknownOutlet
    const outlet = says`outlet within reach of the ${small(berth.name)}`
    hear?.(
      berth.outlet === false
        ? { says: says`no ${outlet} for ${name}’s CPAP`, weight: 'unmet' }
        : {
            says: says`whether there is an ${outlet}, for ${name}’s CPAP`,
            weight: 'measure',
            key: `plan.berths.${berth.id}.outlet`,
          },
    )
  }
  if (sleeper.ownRoom && berth.closedBy !== 'door') {
    points += berth.closedBy === 'curtain' ? rules.ownRoomCurtain : rules.noOwnRoom
    hear?.({
      says: berth.closedBy === 'curtain' ? says`only a curtain before ${name}’s bed` : says`no room of ${name}’s own`,
      weight: 'unmet',
    })
  }
  return points
}
