import { lyingIn } from '../../nights/lyingIn'
import { small } from '../../plan/naming'
import { agrees, doing, feet, listed, listedPhrases, says, type Phrase } from '../../quantity/phrase'
import { inches, pounds } from '../../quantity/quantity'
import type { BerthFact, NightFacts } from '../../nights/facts'
import { misfit, type Misfit } from '../../nights/fit'
import { mayShare, type Sleeper } from '../../nights/need'
import type { Night } from '../../nights/night'
import type { NightRules } from '../../nights/rules'

/**
 * Why no berth is left for those who have none, each by the true cause for every berth that is left: `No berth
 * is left for Efe (6 ft 1 in): the lower bunk (70 in) is too short; Ro and Mi lie in the queen.`
 */
export function whyLeftOver(facts: NightFacts, night: Night, rules: NightRules): Phrase {
  if (facts.berths.length === 0) return says`It has no berth.`
  if (night.unplaced.length === 1) {
    const [sleeper] = night.unplaced
    return says`No berth is left for ${named(sleeper!)}: ${semicolons(causesFor(sleeper!, facts, night, rules))}.`
  }
  const alike = new Map<string, { causes: Phrase[]; who: Phrase[] }>()
  for (const sleeper of night.unplaced) {
    const causes = causesFor(sleeper, facts, night, rules)
    const text = JSON.stringify(causes)
    const others = alike.get(text)
    if (others) others.who.push(named(sleeper))
    else alike.set(text, { causes, who: [named(sleeper)] })
  }
  return [...alike.values()]
    .map(({ causes, who }) => {
      const names = who.reduce((all, one, i) => says`${all}${i === who.length - 1 ? ' and ' : ', '}${one}`)
      return says`No berth is left for ${names}: ${semicolons(causes)}.`
    })
    .reduce((all, one) => says`${all} ${one}`)
}

const semicolons = (parts: readonly Phrase[]): Phrase => parts.reduce((all, one) => says`${all}; ${one}`)

const named = ({ name, height }: Sleeper): Phrase =>
  height === undefined ? says`${name}` : says`${name} (${feet(height)})`

/** What keeps one person out of the berths, those of a kind together. */
function causesFor(sleeper: Sleeper, facts: NightFacts, night: Night, rules: NightRules): Phrase[] {
  const free: { berth: BerthFact; why: Misfit }[] = []
  const together: Phrase[] = []
  const taken: Phrase[] = []
  const notMade: string[] = []
  for (const berth of facts.berths) {
    const lying = night.placements.find((one) => one.berth.id === berth.id)
    const alone = misfit([sleeper], berth, rules)
    if (alone) free.push({ berth, why: alone })
    else if (lying) {
      const [other] = lying.people
      const pair =
        lying.people.length === 1 && mayShare(sleeper, other!, rules) && misfit([sleeper, other!], berth, rules)
      if (pair) together.push(PAIRED[pair](other!.name, small(berth.name)))
      else
        taken.push(
          says`${doing(
            lying.people.map(({ name }) => name),
            'lies',
            'lie',
          )} ${lyingIn(berth)}`,
        )
    } else notMade.push(`the ${small(berth.name)}`)
  }
  return [
    ...CAUSES.flatMap(({ why, words }) => {
      const these = free.filter((one) => one.why === why).map(({ berth }) => berth)
      return these.length ? [words(these)] : []
    }),
    ...together,
    ...(notMade.length ? [says`${listed(notMade)} cannot be made up while others are`] : []),
    ...(taken.length === 0 ? [] : taken.length <= MOST_TAKEN ? [listedPhrases(taken)] : [EVERY_OTHER]),
  ]
}

/** More berths than this that others lie in are not named one by one. */
const MOST_TAKEN = 4
const EVERY_OTHER = says`every other berth is taken`

/** Why one more does not lie beside somebody. */
const PAIRED: Record<Misfit, (other: string, berth: string) => Phrase> = {
  'too short': (other, berth) => says`beside ${other} the ${berth} is too short`,
  'too narrow': (other, berth) => says`beside ${other} the ${berth} is too narrow`,
  'over its weight limit': (other, berth) => says`with ${other} the ${berth} would carry too much`,
  'too young for an upper bunk': (other, berth) => says`the ${berth}, where ${other} lies, is not for a child so small`,
  'does not climb': (other, berth) => says`the ${berth}, where ${other} lies, has to be climbed to`,
  'no way over': (other, berth) => says`in the ${berth}, where ${other} lies, neither could climb over the other`,
}

const CAUSES: { why: Misfit; words: (berths: readonly BerthFact[]) => Phrase }[] = [
  {
    why: 'too short',
    words: (berths) => says`${each(berths, ({ length, drawn }) => inches(length ?? drawn.length))} too short`,
  },
  {
    why: 'too narrow',
    words: (berths) => says`${each(berths, ({ width, drawn }) => inches(width ?? drawn.width))} too narrow`,
  },
  {
    why: 'over its weight limit',
    words: (berths) =>
      says`${listedPhrases(berths.map(({ name, limit }) => says`the ${small(name)} carries only ${pounds(limit!)}`))}`,
  },
  {
    why: 'too young for an upper bunk',
    words: (berths) => says`${names(berths)} ${agrees(berths, 'is', 'are')} not for a child so small`,
  },
  {
    why: 'does not climb',
    words: (berths) => says`${names(berths)} ${agrees(berths, 'has', 'have')} to be climbed to`,
  },
]

const names = (berths: readonly BerthFact[]): string => listed(berths.map(({ name }) => `the ${small(name)}`))

function each(berths: readonly BerthFact[], figure: (berth: BerthFact) => ReturnType<typeof inches>): Phrase {
  const all = listedPhrases(berths.map((berth) => says`the ${small(berth.name)} (${figure(berth)})`))
  return says`${all} ${agrees(berths, 'is', 'are')}`
}

/**
 * A couple that can only lie apart: who, where each lies, and what keeps them from lying together: `Ro and Mi
 * would lie apart, Ro in the lower bunk and Mi in the sofa: the sofa (44 in) is too narrow for two.`
 */
export function whyApart(facts: NightFacts, night: Night, rules: NightRules): Phrase {
  const lying = (id: string) => night.placements.find(({ people }) => people.some((one) => one.id === id))
  const couples = night.placements.flatMap(({ people }) =>
    people.flatMap((one) => {
      const other =
        one.partner === undefined || people.some(({ id }) => id === one.partner) ? undefined : lying(one.partner)
      const partner = other?.people.find(({ id }) => id === one.partner)
      return partner && one.id < partner.id ? [[one, partner] as const] : []
    }),
  )
  return couples
    .map(([a, b]) => {
      const where = says`${a.name} ${lyingIn(lying(a.id)!.berth)} and ${b.name} ${lyingIn(lying(b.id)!.berth)}`
      return says`${a.name} and ${b.name} would lie apart, ${where}: ${keptApart(a, b, facts, night, rules)}.`
    })
    .reduce((all, one) => says`${all} ${one}`)
}

function keptApart(a: Sleeper, b: Sleeper, { berths }: NightFacts, { placements }: Night, rules: NightRules): Phrase {
  if (a.neverBeside.includes(b.id) || b.neverBeside.includes(a.id)) return says`they asked not to lie side by side`
  const takes = berths.filter((berth) => !misfit([a, b], berth, rules))
  if (takes.length) {
    const others = placements.filter(({ berth }) => takes.some(({ id }) => id === berth.id))
    const who = others
      .flatMap(({ people }) => people.map(({ name }) => name))
      .filter((name) => name !== a.name && name !== b.name)
    return who.length
      ? says`${names(takes)} would take both, and then no berth is left for ${listed(who)}`
      : says`${names(takes)} would take both, and then somebody else has no berth`
  }
  // Of beds too small for two the one that comes nearest is told.
  const widest = [...berths].sort((x, y) => width(y) - width(x))[0]!
  const reason = misfit([a, b], widest, rules)
  if (reason === 'over its weight limit')
    return says`together they are too heavy for the ${small(widest.name)}, which carries ${pounds(widest.limit!)}`
  if (reason === 'too short')
    return says`the ${small(widest.name)}, the widest, is ${inches(widest.length ?? widest.drawn.length)} long`
  if (reason === 'no way over')
    return says`the ${small(widest.name)} is open on one side only, and neither can climb over the other`
  if (reason === 'does not climb') return says`the ${small(widest.name)}, the widest, has to be climbed to`
  return says`the widest bed, the ${small(widest.name)}, is ${inches(width(widest))}, and two ask for ${inches(2 * rules.pairAdult)}`
}

const width = ({ width: measured, drawn }: BerthFact): number => measured ?? drawn.width
