import { describe, expect, it } from 'vitest'
import { person, household } from '../../testing/someone'
import { figure } from '../../readings/reading'
import { householdDoubts } from '../doubts'
import { emptyDraft } from './draft'
import { householdFromDraft } from './fromDraft'
import { PRACTICE_VEHICLES, practiceLookup, vehicleDraft } from './ratingLookup'

const asTyped = (of: (typeof PRACTICE_VEHICLES)[number]) => {
  const empty = emptyDraft()
  const draft = {
    ...empty,
    name: 'Two',
    people: [{ ...empty.people[0]!, name: 'Al', age: '40' }],
    vehicle: vehicleDraft(of),
  }
  return householdFromDraft(draft, { by: 'Nell', on: '2026-11-26' })
}

describe('vehicles to practise with', () => {
  it.each(PRACTICE_VEHICLES.map((one) => [one.name, one] as const))(
    '%s is marked as not real, hangs together, and raises no doubt',
    (_, vehicle) => {
      const { towRating, payload, gcwr, gvwr, curbWeight } = vehicle.ratings
      expect(vehicle.real).toBe(false)
      expect(vehicle.name).toMatch(/^Practice /)
      // The label: GVWR less what it weighs; a truck and a trailer at its rating within the combined one, driver aboard.
      expect(Math.abs(gvwr! - curbWeight! - payload!)).toBeLessThanOrEqual(150)
      expect(curbWeight! + towRating!).toBeLessThanOrEqual(gcwr! + 900)
      const { household: made, flaws } = asTyped(vehicle)
      expect(flaws).toEqual([])
      expect(householdDoubts({ ...household([person()]), vehicle: made!.vehicle })).toEqual([])
    },
  )

  it('what the list does not say stays to be read, and a label outranks what it says', () => {
    const { vehicle } = asTyped(PRACTICE_VEHICLES[0]!).household!
    expect(vehicle.readings.ball).toBeUndefined()
    expect(vehicle.readings.towRating).toMatchObject([{ value: 3500, source: 'sheet' }])
    const labelled = {
      ...vehicle.readings,
      payload: [...vehicle.readings.payload!, { value: 1100, source: 'label' as const }],
    }
    expect(figure(labelled, 'payload')).toBe(1100)
  })

  it('is found by its words in any order', async () => {
    expect((await practiceLookup.find('pickup half-ton')).map(({ kind }) => kind)).toEqual([
      'half-ton pickup',
      'half-ton pickup with the heavy package',
    ])
    expect(await practiceLookup.find('spaceship')).toEqual([])
    expect(await practiceLookup.find('')).toHaveLength(PRACTICE_VEHICLES.length)
  })
})
