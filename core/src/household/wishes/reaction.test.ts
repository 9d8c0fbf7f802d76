import { describe, expect, it } from 'vitest'
import { household, person } from '../../testing/someone'
import { householdSchema } from '../householdSchema'
import { withReaction, type Feeling, type Subject } from './reaction'
import { reactionSchema } from './reactionSchema'

const them = household([person({ id: 'a', name: 'A' })], { stances: { tub: 'want', bunks: 'must' } })
const after = (subject: Subject, feels: Feeling, word?: string, of = them) =>
  withReaction(of, { subject, feels, ...(word && { word }) }, 'T-118')

describe('what they think of what they are shown', () => {
  it('what they like they want, what they do not like they would rather avoid', () => {
    expect(after({ stance: 'oven' }, 'likes').stances).toMatchObject({ oven: 'want', tub: 'want' })
    expect(after({ stance: 'tub' }, 'dislikes').stances.tub).toBe('avoid')
    expect(after({ feature: 'awningLight' }, 'likes').wishes).toEqual([{ feature: 'awningLight', stance: 'want' }])
  })

  it('what does not matter is no wish any more, and stands in the notes: an answer like any other', () => {
    const next = after({ stance: 'tub' }, 'does not matter')
    expect(next.stances).toEqual({ bunks: 'must' })
    expect(next.notes).toBe('T-118: A tub, they do not mind.')
    const wished = { ...them, wishes: [{ feature: 'awningLight' as const, stance: 'want' as const }] }
    expect(after({ feature: 'awningLight' }, 'does not matter', undefined, wished).wishes).toEqual([])
  })

  it('a must is not given up by a tap', () =>
    expect(after({ stance: 'bunks' }, 'dislikes', 'too low').stances.bunks).toBe('must'))

  it('their words are kept once, and never push older notes out', () => {
    const once = after({ place: 'Bath' }, 'dislikes', 'dark')
    expect(once.notes).toBe('T-118: Bath, they do not like it (“dark”).')
    expect(after({ place: 'Bath' }, 'dislikes', 'dark', once).notes).toBe(once.notes)
    const full = { ...them, notes: 'x'.repeat(3990) }
    expect(after({ place: 'Bath' }, 'dislikes', 'dark', full).notes).toBe(full.notes)
  })

  it('a household after any reaction is a household still', () => {
    for (const feels of ['likes', 'dislikes', 'does not matter'] as const)
      for (const subject of [{ stance: 'tub' }, { feature: 'awningLight' }, { place: 'Rear' }] as Subject[])
        expect(householdSchema.isValidSync(after(subject, feels, 'a word'), { strict: true })).toBe(true)
  })

  it('a reaction is to one thing', () => {
    const is = (subject: object) => reactionSchema.isValidSync({ subject, feels: 'likes' }, { strict: true })
    expect([is({ stance: 'tub' }), is({ place: 'Bath' })]).toEqual([true, true])
    expect([
      is({}),
      is({ stance: 'tub', place: 'Bath' }),
      is({ stance: 'toString' }),
      is({ feature: 'awningLight', is: 'pink' }),
    ]).toEqual([false, false, false, false])
  })
})
