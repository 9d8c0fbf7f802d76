import { describe, expect, it } from 'vitest'
import { factsOn } from '../match/factSheet'
import { judgeFor } from '../match/judge'
import { DEFAULT_HOUSE_RULES as RULES } from '../rules/houseRules'
import { unit } from '../testing/unit'
import { emptyDraft, type HouseholdDraft } from './draft/draft'
import { householdFromDraft } from './draft/fromDraft'
import { styleOf, STYLES } from './styles'

const NELL = { by: 'Nell', on: '2026-11-26' }
const draft = (trip: Partial<HouseholdDraft['trip']>): HouseholdDraft => {
  const empty = emptyDraft()
  return {
    ...empty,
    name: 'Two',
    people: [{ ...empty.people[0]!, name: 'Al', age: '40' }],
    vehicle: { ...empty.vehicle, name: 'Pickup' },
    trip: { ...empty.trip, ...trip },
  }
}

describe('a style in one tap', () => {
  it.each(STYLES.map((style) => [style.name, style] as const))(
    '%s is a household that can be judged, and is told as itself',
    (_, style) => {
      const made = householdFromDraft(draft(style.trip), NELL)
      expect(made.flaws).toEqual([])
      expect(styleOf(draft(style.trip).trip)).toBe(style.id)
      const answers = judgeFor(made.household!, RULES)(factsOn(unit(), RULES))
      expect('stay' in answers).toBe(style.id !== 'campground')
    },
  )

  it('one over the other leaves nothing of the first that the second says', () => {
    const both = { ...STYLES[3]!.trip, ...STYLES[1]!.trip }
    expect(styleOf(draft(both).trip)).toBe('parks')
    expect(householdFromDraft(draft(both), NELL).household!.trip).toEqual({
      nights: 4,
      hookups: 'electric',
      season: 'summer',
      washing: 'park showers',
    })
  })

  it('changed by hand it is none of them', () =>
    expect(styleOf(draft({ ...STYLES[3]!.trip, washing: 'as at home' }).trip)).toBeUndefined())
})
