import { APPLIANCES } from '../../camping/appliances'
import type { Camping } from '../../camping/camping'
import { ARRIVE, dayOf, LEAVE } from '../../camping/day'
import { habitsOf } from '../../camping/habits'
import { lasting } from '../../camping/lasting'
import { outAt } from '../../camping/outAt'
import { rigOf, type Resource } from '../../camping/rig'
import { nightsUntil } from '../../camping/stayOut'
import { says, type Phrase } from '../../quantity/phrase'
import { quantity } from '../../quantity/quantity'
import { measure, note, tight, type Reason } from '../reason'

/** What they plug in where no post gives power asks for an inverter that carries it. */
export function outletReasons({ facts: { inverter }, camp: { pluggedIn, power } }: Camping): Reason[] {
  if (pluggedIn.length === 0 || power) return []
  const dryer = pluggedIn.includes('hairDryer')
  const what = dryer ? 'their coffee maker and hair dryer' : 'their coffee maker'
  if (inverter.value === undefined)
    return [measure(says`Nobody has read whether it has an inverter that runs ${what}.`, inverter.unread)]
  const asked = Math.max(...pluggedIn.map((one) => APPLIANCES[one].watts))
  if (inverter.value >= asked) return []
  const brief = 'no inverter for it'
  return inverter.value === 0
    ? [tight(says`It has no inverter: ${what} wait${dryer ? '' : 's'} for a post or a generator.`, { brief })]
    : [
        tight(
          says`Its inverter gives ${quantity(inverter.value, 'W')}, and ${what} draw${dryer ? '' : 's'} up to ${quantity(asked, 'W')}.`,
          { brief },
        ),
      ]
}

const ENDS: Record<Resource, string> = {
  fresh: 'the fresh tank is empty',
  gray: 'the gray tank is full',
  black: 'the black tank is full',
  battery: 'the battery is used up',
  propane: 'the propane is used up',
}

/** What ends first on a trip on which the guests are there every night, where the family alone has enough. */
export function guestNotes({ facts, camp }: Camping): Reason[] {
  // At a park they dump and fill meanwhile.
  if (camp.power || camp.withGuests.people <= camp.people) return []
  const [alone, together] = [lasting({ facts, camp }), lasting({ facts, camp: { ...camp, ...camp.withGuests } })]
  const shorter = together
    .filter((one, i) => one.nights < one.wanted && one.unread.length === 0 && alone[i]!.nights >= one.wanted)
    .sort((a, b) => a.nights - b.nights)[0]
  if (!shorter) return []
  const after: Phrase =
    shorter.nights === 0 ? says`before the first night is over` : says`after ${quantity(shorter.nights, 'night')}`
  return [
    note(
      says`With the guests there every night, ${quantity(camp.withGuests.people, 'person')} in all, ${ENDS[shorter.resource]} ${after}.`,
    ),
  ]
}

/** Where nobody turns the valve at night the furnace is cold in the morning. */
export function changeoverNote({ facts, camp }: Camping): Reason[] {
  const { turnedByHand } = facts
  if (turnedByHand === undefined || facts.propane.value === undefined) return []
  const rig = rigOf(facts, 'least', camp.rules)
  const first = outAt(
    'propane',
    { ...rig, propane: rig.propane / turnedByHand },
    camp,
    dayOf(rig, camp, habitsOf(camp)),
    camp.nights,
  )
  if (first === undefined) return []
  const nights = nightsUntil(first)
  const when: Phrase = nights === 0 ? says`in the first night` : says`after ${quantity(nights, 'night')}`
  return [note(says`Its cylinders are changed over by hand: the first may be empty ${when}.`)]
}

/** What the drive from one place to the next gives the battery, where they drive on. */
export function roadNote({ camp: { moves, power, nights, rules } }: Camping): Reason[] {
  if (!moves || power || moves.every >= nights) return []
  const hours = Math.min(moves.hours, ARRIVE - LEAVE)
  const charge = 'where its plug has a charge line: read its manual'
  const given = quantity(Math.round(hours * rules.vehicleCharge), 'Wh')
  return [
    note(
      says`On the drive every ${quantity(moves.every, 'night')} the vehicle gives the battery up to ${given}, ${charge}.`,
    ),
  ]
}
