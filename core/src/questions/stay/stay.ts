import type { Camp } from '../../camping/camp'
import { lasting, reckonedNights, type Lasting } from '../../camping/lasting'
import type { Resource } from '../../camping/rig'
import { says, type Phrase } from '../../quantity/phrase'
import { quantity } from '../../quantity/quantity'
import { answerOf } from '../answer'
import type { Question } from '../question'
import { changeoverNote, guestNotes, outletReasons, roadNote } from './besides'
import { stayHelping } from './helping'
import { fits, marginOf, measure, no, note, tight, type Reason } from '../reason'

export interface StayNeed {
  /** Where there is power there is a park, and its dump station. */
  park: boolean
}

/**
 * How long can they stay out: hour by hour, until the fresh tank is empty, gray or black is full, the battery or the
 * propane is used up, against the nights they want. Nights.
 */
export const stay: Question<'stay', object, StayNeed, object> = {
  id: 'stay',
  words: {
    asks: 'How long can they stay out?',
    short: 'Stays out',
    topic: 'nights out',
    against: 'run out too soon',
    speaksFor: 'out as long as they stay',
    shownAt: 'under',
  },
  version: 3,
  rules: {},
  factRules: [],
  weight: 2,
  // Whoever sleeps in a tent drinks and washes all the same.
  living: false,
  drawing: [],
  cautions: ['cpap', 'gas'],
  helping: stayHelping,
  facts: () => ({}),
  need: ({ trip: { hookups } }) => (hookups === 'full' ? null : { park: hookups === 'electric' }),
  judge: ({ need: { park }, shared: { camping } }) => {
    const { camp } = camping
    return answerOf(
      [
        ...lasting(camping).map((one) => stayReason(one, park, camp)),
        ...outletReasons(camping),
        ...guestNotes(camping),
        ...changeoverNote(camping),
        ...roadNote(camping),
        reckonedWith(camp),
      ],
      [...(camp.cpaps > 0 && !camp.power ? (['cpap'] as const) : []), 'gas'],
    )
  },
}

/** What is said of each: what it is, how it goes on and how it ends, and what makes it last. */
const WORDS: Record<Resource, { thing: string; lasts: string; ends: string; spare: string; brief: string }> = {
  fresh: {
    thing: 'The fresh tank',
    lasts: 'lasts',
    ends: 'is empty',
    spare: 'washing sparingly',
    brief: 'fresh water',
  },
  gray: {
    thing: 'The gray tank',
    lasts: 'has room for',
    ends: 'is full',
    spare: 'washing sparingly',
    brief: 'gray tank',
  },
  black: {
    thing: 'The black tank',
    lasts: 'has room for',
    ends: 'is full',
    spare: 'flushing sparingly',
    brief: 'black tank',
  },
  battery: {
    thing: 'The battery',
    lasts: 'lasts',
    ends: 'is used up',
    spare: 'with less heat and no TV',
    brief: 'battery',
  },
  propane: {
    thing: 'The propane',
    lasts: 'lasts',
    ends: 'is used up',
    spare: 'with less heat and hot water',
    brief: 'propane',
  },
}

/** What one resource comes to for them. */
export function stayReason(one: Lasting, park: boolean, camp: Camp): Reason {
  const { resource, wanted, nights, insulated, unread } = one
  const { thing, lasts, ends, spare, brief } = WORDS[resource]
  const [want, of] = [wantedText(one, camp), (count: number) => nightsText(count, camp)]
  const margin = marginOf(Math.min(nights, reckonedNights(camp)) - wanted, 'night', camp.rules.plentyNights)
  if (nights >= wanted) return fits(says`${thing} ${lasts} ${of(nights)}, and they want ${want}.`, { margin })
  const when = nights === 0 ? says`before the first night is over` : says`after ${of(nights)}`
  const short = says`${thing} ${ends} ${when}, and they want ${want}`
  if (insulated >= wanted) {
    const span =
      nights === 0 ? says`may not serve one night, or ${of(insulated)},` : says`${lasts} ${nights} to ${of(insulated)}`
    const words = says`${thing} ${span} by how well the walls are insulated, and they want ${want}.`
    return tight(words, { margin, brief: `${brief}: depends on insulation` })
  }
  if (one.most >= wanted) return measure(says`How long ${small(thing)} serves them is not certain yet.`, unread)
  if (one.sparing >= wanted)
    return tight(says`${short}; ${spare} it ${lasts} ${of(one.sparing)}.`, {
      margin,
      brief: `${brief}, if they conserve`,
    })
  if (park && resource in PARK_WORDS)
    return tight(says`${short}: ${PARK_WORDS[resource as keyof typeof PARK_WORDS]}.`, {
      margin,
      brief: resource === 'fresh' ? 'refill at the park' : 'dump at the park',
    })
  if (one.sparingMost >= wanted)
    return unread.length
      ? measure(says`${short}; how long it serves them sparingly is not certain yet.`, unread)
      : tight(says`${short}; ${spare} it ${lasts} ${of(one.sparing)} or more, by how well the walls are insulated.`, {
          margin,
          brief: `${brief}, if they conserve`,
        })
  if (one.sparing <= nights) return no(says`${short}; sparing does not change that.`, { margin, brief })
  return no(says`${short}; ${spare} it ${lasts} ${of(one.sparing)}.`, { margin, brief })
}

const nightsText = (nights: number, camp: Camp): Phrase =>
  nights === Infinity
    ? says`more than ${quantity(reckonedNights(camp), 'night')}`
    : nights === 0
      ? says`no night`
      : says`${quantity(nights, 'night')}`

/** With power there is a park around them, with a tap and a dump station. */
const PARK_WORDS: Record<Exclude<Resource, 'battery' | 'propane'>, string> = {
  fresh: 'they fill it again at the park’s tap',
  gray: 'they empty it at the park’s dump station meanwhile',
  black: 'they empty it at the park’s dump station meanwhile',
}

const wantedText = ({ resource, wanted }: Lasting, { between, nights }: Camp): Phrase => {
  if (resource === 'battery' || between === nights) return says`${wanted}`
  return resource === 'propane'
    ? says`${wanted} until they next buy some`
    : says`${wanted} until they next dump and fill`
}

/** Who they are, how they wash, and in which weather: all that the nights hang on and no label tells. */
function reckonedWith({ people, washing, weather, assumed }: Camp): Reason {
  const { month, place, low, high } = weather.hardest
  const who = says`${quantity(people, 'person')} ${WASHING_WORDS[washing]}`
  const when = says`${month} ${place}, ${quantity(low, 'F')} at night and ${quantity(high, 'F')} by day`
  const say = assumed.length ? ' Say under How they camp how they wash and where.' : ''
  return note(says`Reckoned for ${who} in ${when}, with water and propane full as they arrive.${say}`)
}

const WASHING_WORDS: Record<Camp['washing'], string> = {
  sparing: 'washing sparingly',
  'park showers': 'showering in the park’s bath house',
  'short showers': 'with a short shower a day',
  'as at home': 'washing as at home',
}

const small = (thing: string): string => thing.replace(/^The/, 'the')
