import type { Stance } from '../../household/wishes/stances'
import { STANCES, type StanceId } from '../../household/wishes/stances'
import type { FeatureId } from '../../features/catalogue'
import { isFeature, WISHABLE, wishLabel, type FeatureWish, type Wishable } from '../../household/wishes/featureWishes'
import { stepOf } from '../../household/wishes/planWishes'
import { small } from '../../plan/naming'
import { says, type Phrase } from '../../quantity/phrase'
import { best, figure, word, type Readings, type ReadingValue } from '../../readings/reading'
import type { EquipmentKind, FixtureKind } from '../../readings/catalogue'
import { TO_DRAW, toFinish, toNote } from '../../trailer/drawn'
import { equipmentOf } from '../../trailer/equipment'
import type { Trailer } from '../../trailer/trailer'
import { TERMS } from '../../terms/terms'
import { answerOf } from '../answer'
import { WISH_RULES, type WishRules } from './rules'
import type { Question } from '../question'
import { fits, measure, no, tight, type Reason } from '../reason'
import { notLooked, stanceReason } from '../stance'
import { featuresGivenUp } from './givenUp'

/** The wishes that no other question answers. */
const OWN = [
  'secondDoor',
  'noSlide',
  'powerStabilizers',
  'largeCylinders',
  'jackknifeSofa',
  'triFoldSofa',
  'theaterSeats',
  'glassShower',
  'solarPort',
  'onDemandHeater',
] as const satisfies StanceId[]
type Own = (typeof OWN)[number]

/** Whether it has the thing; a key names the reading that would tell. And what is known of its features, as read. */
export type WishFacts = Record<Own, boolean | { read: string }> & {
  told: Partial<Record<FeatureId, ReadingValue>>
  /** Whether it has what else can be wished, in the order of `WISHABLE`: `1` has it, `0` has none, a blank: nobody looked. */
  held: string
}

export interface WishNeed {
  stances: { id: Own; stance: Stance }[]
  features: FeatureWish[]
}

/** Is it how they like it: what people argue about and no other question asks. A wish weighs, a must decides. */
export const wishes: Question<'wishes', WishFacts, WishNeed, typeof WISH_RULES, 'largeCylinder'> = {
  id: 'wishes',
  words: {
    asks: 'Is it how they like it?',
    short: 'Their wishes',
    topic: 'wishes',
    against: 'without what they must have',
    speaksFor: 'as they wish it',
    shownAt: 'papers',
  },
  version: 6,
  rules: WISH_RULES,
  factRules: ['largeCylinder'],
  weight: 1,
  living: false,
  drawing: [],
  cautions: [],
  musts: featuresGivenUp,
  facts: wishFacts,
  need: ({ stances, wishes: features = [] }) => {
    const held = OWN.flatMap((id) => (stances[id] ? [{ id, stance: stances[id] }] : []))
    return held.length || features.length ? { stances: held, features } : null
  },
  judge: ({ facts, need: { stances, features } }) =>
    answerOf([
      ...stances.flatMap(({ id, stance }) =>
        id === 'noSlide' && typeof facts.noSlide === 'boolean'
          ? slideReason(facts.noSlide, stance)
          : reasonFor(facts[id], stance, thing(id)),
      ),
      ...features.map((wish) =>
        isFeature(wish.feature) ? featureReason(wish, facts.told[wish.feature]) : heldReason(wish, facts.held),
      ),
    ]),
}

function wishFacts(trailer: Trailer, { largeCylinder }: WishRules): WishFacts {
  const { plan, features = {} } = trailer
  // Of a drawing that is not finished, the first thing to look for stands for the rest.
  const [open] = toFinish(trailer)
  const orOpen = (none: boolean) => (open === undefined ? none : { read: open })
  const has = (kind: FixtureKind) => plan.fixtures.some((fixture) => fixture.kind === kind) || orOpen(false)
  const showers = plan.fixtures.filter(({ kind }) => kind === 'shower' || kind === 'tub')
  const machine = (kind: EquipmentKind, key: string, test: (readings: Readings | undefined) => boolean | undefined) => {
    const noted = equipmentOf(trailer, kind)
    return noted ? told(noted, (id) => `equipment.${id}.${key}`, test) : { read: `equipment.${kind}.${key}` }
  }
  const ports = equipmentOf(trailer, 'solar-port')
  return {
    secondDoor: plan.doors.filter(({ kind }) => kind === 'entry').length > 1 || orOpen(false),
    noSlide: plan.slides.length > 0 ? false : orOpen(true),
    powerStabilizers: machine('stabilizers', 'drive', (readings) =>
      known(word(readings, 'drive'), (drive) => drive !== 'manual'),
    ),
    largeCylinders: machine('lp-cylinder', 'size', (readings) =>
      known(figure(readings, 'size'), (size) => size >= largeCylinder),
    ),
    jackknifeSofa: has('jackknife-sofa'),
    triFoldSofa: has('tri-fold-sofa'),
    theaterSeats: has('theater-seats'),
    glassShower: showers.length
      ? told(
          showers,
          (id) => `plan.fixtures.${id}.closure`,
          (readings) => known(word(readings, 'closure'), (closure) => closure === 'glass'),
        )
      : orOpen(false),
    solarPort: ports ? ports.length > 0 : { read: 'equipment.solar-port' },
    onDemandHeater: machine('water-heater', 'fuel', (readings) =>
      known(word(readings, 'fuel'), (fuel) => fuel === 'on-demand gas'),
    ),
    told: Object.fromEntries(
      Object.keys(features).flatMap((id) => (best(features[id]) ? [[id, best(features[id])!.value]] : [])),
    ),
    held: BESIDES.map((one) => heldBy(trailer, one)).join(''),
  }
}

/** What can be wished besides features, each with what the yard’s search knows it by. */
const BESIDES = WISHABLE.filter(({ feature }) => !isFeature(feature))
const AT = new Map(BESIDES.map(({ feature, is }, i) => [`${feature}=${is ?? ''}`, i]))
const TERM = new Map(TERMS.map((term) => [term.key, term]))

function heldBy(trailer: Trailer, { feature, is }: Wishable): string {
  const exact = TERM.get(is === undefined ? feature : `${feature}=${is}`)
  const { there, figure: value } = exact ? exact.of(trailer) : (TERM.get(feature)?.of(trailer) ?? {})
  const has = exact || is === undefined ? there : value === undefined ? undefined : value >= stepOf(is)
  return has === undefined ? ' ' : has ? '1' : '0'
}

/** True when one of the things is so, false when none is or there is none, else the reading that would tell. */
function told(
  things: readonly { id: string; readings?: Readings }[],
  key: (id: string) => string,
  test: (readings: Readings | undefined) => boolean | undefined,
): boolean | { read: string } {
  const results = things.map(({ id, readings }) => ({ id, result: test(readings) }))
  if (results.some(({ result }) => result === true)) return true
  const open = results.find(({ result }) => result === undefined)
  return open ? { read: key(open.id) } : false
}

const known = <T>(value: T | undefined, test: (value: T) => boolean): boolean | undefined =>
  value === undefined ? undefined : test(value)

/** What nobody has looked at is no wish granted. */
function reasonFor(fact: boolean | { read: string }, stance: Stance, name: string): Reason[] {
  if (typeof fact === 'boolean') return stanceReason(stance, fact, name)
  return [measure(notLooked(stance, name), [fact.read])]
}

/** Of all that is told besides: as it is called in the catalogue, for what it is. */
function featureReason(wish: FeatureWish, told: ReadingValue | undefined): Reason {
  const { feature, is } = wish
  if (told === undefined) return unlooked(wish, `features.${feature}`)
  const has = typeof told === 'boolean' ? told : is === undefined ? told !== 'none' : told === is
  return besides(wish, has, typeof told === 'string' && told !== 'none' ? says`on this one it is ${told}` : undefined)
}

/** Of what is read, noted or drawn. */
function heldReason(wish: FeatureWish, held: string): Reason {
  const known = held[AT.get(`${wish.feature}=${wish.is ?? ''}`) ?? -1]
  if (known === '1' || known === '0') return besides(wish, known === '1')
  const [list] = wish.feature.split('.')
  return unlooked(
    wish,
    list === 'plan' || list === 'fixtures' ? TO_DRAW.inside.key : list === 'outside' ? toNote('outside') : wish.feature,
  )
}

const CARE = { must: 'they must have it', want: 'they would like it', avoid: 'they would rather not have it' } as const

const unlooked = (wish: FeatureWish, key: string): Reason =>
  measure(says`${wishLabel(wish)}: ${CARE[wish.stance]}; nobody has looked yet.`, [key])

function besides(wish: FeatureWish, has: boolean, other?: Phrase): Reason {
  const called = wishLabel(wish)
  const wants = wish.stance !== 'avoid'
  if (wants === has) return fits(says`${called}: ${has ? 'it has it' : 'it has none'}, as they like it.`)
  const reason = wish.stance === 'must' ? no : tight
  return wants
    ? reason(says`${called}: ${CARE[wish.stance]}; ${other ?? says`this one has none`}.`, {
        brief: `not ${small(called)}`,
      })
    : tight(says`${called}: they would rather not have it; this one does.`, { brief: `has ${small(called)}` })
}

/** The one wish that is for a lack. */
function slideReason(none: boolean, stance: Stance): Reason[] {
  if (stance === 'avoid') return stanceReason('want', !none, 'a slide')
  if (none) return [fits(says`No slide, as they like it.`)]
  return [
    stance === 'must'
      ? no(says`They want no slide at all; this one has one.`, { brief: 'has a slide' })
      : tight(says`They would rather have no slide; this one has one.`, { brief: 'has a slide' }),
  ]
}

/** As in `they would like a tub`: the label, small. */
const thing = (id: Own): string => STANCES[id].label.replace(/^[A-Z](?=[a-z ])/, (letter) => letter.toLowerCase())
