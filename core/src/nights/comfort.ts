import { says, type Phrase } from '../quantity/phrase'
import { inches } from '../quantity/quantity'
import { small } from '../plan/naming'
import type { ComfortRules, NightRules } from './rules'
import { isUpper, type BerthFact } from './facts'
import type { Sleeper } from './need'

/**
 * Hears of something a sleeper would rather not have, and how much it weighs. `need`: what they asked for is
 * missing.
 */
export type Hear = (trouble: Phrase, points: number, need?: 'missing' | 'measure') => void

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
  { comfort: rules, adultFrom, lengthComfort, lengthSpare }: NightRules,
  hear?: Hear,
): number {
  const upper = isUpper(berth)
  const two = group.length > 1
  let points = 0
  const add = (more: number) => (points += more)
  if (spare < lengthComfort - lengthSpare) add(rules.short)
  if (two && group[0]!.partner !== group[1]!.id) add(rules.sharing)
  if (two && berth.climbsOver) {
    const nightly = group.some(({ nightTrips }) => nightTrips)
    add(rules.climbOver * (nightly ? rules.nightTrips : 1))
    hear?.(says`of ${group[0]!.name} and ${group[1]!.name} the inner one climbs over the other`, rules.climbOver)
  }
  if (two && group[0]!.age >= adultFrom && berth.closedBy !== 'door')
    add(berth.closedBy === 'curtain' ? rules.openCurtain : rules.open)
  if (widthSpare < rules.widthToSpare) add(rules.narrow)
  for (const sleeper of group) add(ofOne(sleeper, berth, upper, rules, adultFrom, hear))
  if (group.some(({ dog }) => dog) && widthSpare < rules.dogWidth) {
    add(rules.noDog)
    hear?.(
      says`no room for the dog beside ${group[0]!.name}: ${inches(Math.max(0, widthSpare))} of width to spare`,
      rules.noDog,
      'missing',
    )
  }
  return points
}

function ofOne(
  sleeper: Sleeper,
  berth: BerthFact,
  upper: boolean,
  rules: ComfortRules,
  adultFrom: number,
  hear: Hear | undefined,
): number {
  const { age, height, name } = sleeper
  let points = 0
  if (age < adultFrom) points += berth.kind === 'bed' ? rules.childInBed : 0
  else if (upper) points += age >= rules.oldFrom ? rules.oldOnLadder : rules.adultOnLadder
  else if (berth.kind === 'bunk') points += rules.adultInBunk
  if (berth.headroom !== undefined && height !== undefined && berth.headroom < height * rules.sitUpShare) {
    points += rules.lowHeadroom
    hear?.(
      says`${name} does not sit up in the ${small(berth.name)}: ${inches(berth.headroom)} of headroom`,
      rules.lowHeadroom,
    )
  }
  if (sleeper.nightTrips && upper) {
    points += rules.adultOnLadder * rules.nightTrips
    hear?.(says`${name}, up at night, has to come down a ladder`, rules.adultOnLadder, 'missing')
  }
  if (sleeper.cpap && berth.outlet !== true) {
    points += berth.outlet === false ? rules.noOutlet : rules.unknownOutlet
    hear?.(
      berth.outlet === false
        ? says`no outlet within reach of the ${small(berth.name)} for ${name}’s CPAP`
        : says`whether an outlet is within reach of the ${small(berth.name)}, for ${name}’s CPAP`,
      rules.noOutlet,
      berth.outlet === false ? 'missing' : 'measure',
    )
  }
  if (sleeper.ownRoom && berth.closedBy !== 'door') {
    points += berth.closedBy === 'curtain' ? rules.ownRoomCurtain : rules.noOwnRoom
    hear?.(
      berth.closedBy === 'curtain' ? says`only a curtain before ${name}’s bed` : says`no room of ${name}’s own`,
      rules.noOwnRoom,
      'missing',
    )
  }
  return points
}
