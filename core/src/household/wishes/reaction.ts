import type { FeatureId } from '../../features/catalogue'
import { wishLabel } from './featureWishes'
import type { Household } from '../household'
import { STANCES, type StanceId } from './stances'

/** What they think of something they are shown: as good an answer as any, also that it does not matter. */
export const FEELINGS = ['likes', 'dislikes', 'does not matter'] as const
export type Feeling = (typeof FEELINGS)[number]

/** What they were asked about: something one may hold a stance on, a feature of the catalogue, or a place on the walk. */
export interface Subject {
  stance?: StanceId
  feature?: FeatureId
  /** Of a feature that is a choice, which. */
  is?: string
  place?: string
}

export interface Reaction {
  subject: Subject
  feels: Feeling
  /** In their own words. */
  word?: string
}

export const subjectLabel = ({ stance, feature, is, place }: Subject): string =>
  stance !== undefined
    ? STANCES[stance].label
    : feature !== undefined
      ? wishLabel({ feature, ...(is !== undefined && { is }) })
      : (place ?? '')

const SAID: Record<Feeling, string> = { likes: 'like it', dislikes: 'do not like it', 'does not matter': 'do not mind' }
const MOST_NOTES = 4000

/**
 * The household after a reaction: what they like they want, what they do not like they would rather avoid, and what does not
 * matter is no wish any more. What they must have stays so until the interview says otherwise. Their words, and what has
 * neither stance nor wish, go into the notes while there is room; the reaction itself is kept beside it in any case.
 */
export function withReaction(household: Household, { subject, feels, word }: Reaction, where: string): Household {
  const { stance, feature, is } = subject
  const said = `${where}: ${subjectLabel(subject)}, they ${SAID[feels]}${word ? ` (“${word}”)` : ''}.`
  const noted = word || (stance === undefined && feature === undefined) || feels === 'does not matter'
  const notes =
    noted && !household.notes?.includes(said) ? [household.notes, said].filter(Boolean).join('\n') : household.notes
  const next: Household = { ...household, ...(notes !== undefined && notes.length <= MOST_NOTES && { notes }) }
  if (stance !== undefined) {
    const { [stance]: held, ...others } = household.stances
    if (held === 'must') return next
    if (feels === 'does not matter') return { ...next, stances: others }
    return { ...next, stances: { ...others, [stance]: feels === 'likes' ? 'want' : 'avoid' } }
  }
  if (feature === undefined) return next
  const others = (household.wishes ?? []).filter((one) => one.feature !== feature || one.is !== is)
  const wish = {
    feature,
    ...(is !== undefined && { is }),
    stance: feels === 'likes' ? ('want' as const) : ('avoid' as const),
  }
  return { ...next, wishes: feels === 'does not matter' ? others : [...others, wish] }
}
