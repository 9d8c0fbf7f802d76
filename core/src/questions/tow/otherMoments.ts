import type { Moment } from '../../loading/moments'
import { gallonsOf, type TankKind } from '../../loading/facts'
import { says, type Phrase } from '../../quantity/phrase'
import { measure, note, tight, type Reason } from '../reason'
import type { TowEstimate } from './estimate'
import type { TowFacts } from './facts'
import { limitsOf, type Limit, type Towed } from './limits'
import { heaviest } from './load'
import { limitText, percent, unlessSaid, type TongueShares } from './share'
import { staysInside } from './trailerLimits'

/** A moment besides that of leaving, as it is said, and what avoids it. */
interface Other {
  id: 'full' | 'home'
  /** Whether they come to it unless they do something: otherwise it is worth a word and no more. */
  theirs: boolean
  when: string
  remedy: string
}

const WASTE: readonly TankKind[] = ['gray-tank', 'galley-tank', 'black-tank']

/**
 * The limits once more with all the water it can carry, which whoever does not leave so need not take, and with full
 * waste tanks and the food gone, which is tight for those who cannot dump before they drive.
 */
export function otherMoments(facts: TowFacts & { uvw: number }, asked: Towed, estimate: TowEstimate): Reason[] {
  const { loading } = facts
  const full: Other = { id: 'full', theirs: false, when: 'With the fresh tank full', remedy: 'travel with less water' }
  const home: Other = {
    id: 'home',
    theirs: !asked.load.dumpsFirst,
    when: 'Going home with full gray and black tanks',
    remedy: 'dump before the road',
  }
  const others = [...(asked.load.freshShare < 1 && gallonsOf(loading, 'fresh-tank') ? [full] : []), home]
  const heavy = heaviest(asked.load)
  const limits = limitsOf(facts, asked, estimate.racked)
  const most = asked.load.people.children.length ? limitsOf(facts, { ...asked, load: heavy }, estimate.racked) : limits
  return others.flatMap((other) => judged(other, { least: limits, most }, asked, estimate))
}

/** Every limit, with those whom nobody weighed as light and as heavy as they may be. */
interface Limits {
  least: readonly Limit[]
  most: readonly Limit[]
}

function judged({ id, theirs, when, remedy }: Other, limits: Limits, asked: Towed, estimate: TowEstimate): Reason[] {
  const moment = estimate[id]
  // What is not known of propane is said as they leave.
  const missing = moment.missing.filter((key) => WASTE.some((kind) => key === `equipment.${kind}.capacity`))
  const broken = (words: Phrase, rests: string[]): Reason[] => [
    theirs ? tight(words, { brief: remedy, rests }) : note(words, { rests }),
  ]
  const unsure = (words: Phrase, unread: string[]): Reason[] => (theirs ? [measure(words, unread)] : [])
  const { children } = asked.load.people
  const over = worst(limits.least, estimate, moment, 'least')
  if (over) return broken(says`${when}, ${over.limit.over(over.by)}: ${remedy}.`, [over.limit.reading])
  const { tongueLeast, tongueMost } = asked.rules
  const { tongue, total } = moment
  const [least, most] = [tongue.least / total, tongue.most / total]
  const weighed = !tongue.missing.includes('readings.hitchWeight')
  const inside = staysInside(estimate.leaving, asked.rules)
  if (weighed && inside && most < tongueLeast)
    return broken(
      says`${when}, ${shareOf(most, `less than ${limitText(tongueLeast)}`, asked.rules)}: ${remedy}.`,
      RESTS,
    )
  if (weighed && inside && least > tongueMost)
    return broken(
      says`${when}, ${shareOf(least, `more than ${limitText(tongueMost)}`, asked.rules)}: ${remedy}.`,
      RESTS,
    )
  if (missing.length)
    return unsure(says`What its gray and black tanks hold is not all known, so the way home is not reckoned.`, missing)
  if (children.length && worst(limits.most, estimate, moment, 'least'))
    return unsure(says`${when}, it may break a limit: that depends on what the children weigh.`, children)
  const mayBreak = worst(limits.most, estimate, moment, 'most')
  const mayLeave = weighed && inside && (least < tongueLeast || most > tongueMost)
  return tongue.missing.length && (mayBreak || mayLeave)
    ? unsure(
        says`${when}, it may break a limit: that depends on the tongue weight, which is not certain yet.`,
        tongue.missing,
      )
    : []
}

const RESTS = ['readings.axleCenter', 'readings.hitchWeight']

function shareOf(share: number, than: string, limits: TongueShares): Phrase {
  const told = percent(Math.max(0, share), limits)
  return says`${told} of it would be on the hitch${unlessSaid(told, `, ${than}`)}`
}

interface Over {
  by: number
  share: number
  limit: Limit
}

/** Of the limits that hold as they leave, what it breaks of them by the largest share; what does not hold is said there. */
function worst(
  limits: readonly Limit[],
  { leaving }: TowEstimate,
  at: Moment,
  tongue: 'least' | 'most',
): Over | undefined {
  let over: Over | undefined
  for (const limit of limits) {
    const { rating, asks } = limit
    if (rating === undefined) continue
    const asked = asks(at, tongue)
    if (asked <= rating || asks(leaving, tongue) > rating) continue
    if (!over || asked / rating > over.share) over = { limit, by: asked - rating, share: asked / rating }
  }
  return over
}
