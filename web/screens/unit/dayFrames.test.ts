import { describe, expect, it } from 'vitest'
import { tokensOf } from '@hitchet/core/household/tokens'
import { person } from '@hitchet/core/testing/someone'
import { berth, conversion, emptyPlan } from '@hitchet/core/testing/unit'
import { dayFrames } from './dayFrames'

const [ro, mi, ta, uno] = tokensOf(['Ro', 'Mi', 'Ta', 'Uno'].map((name) => person({ id: name.toLowerCase(), name })))
const plan = emptyPlan({
  berths: [
    berth('booth', 40, 74, { id: 'dinette', name: 'Dinette bed', conversion: 'make' }),
    berth('bed', 60, 74, { id: 'queen', name: 'Queen' }),
  ],
  conversions: [{ ...conversion('make'), name: 'Dinette', minutes: 3 }],
})
const night = {
  made: ['make'],
  sleepers: [
    { berth: 'dinette', people: [ta!] },
    { berth: 'queen', people: [ro!, mi!] },
  ],
  unplaced: [uno!],
}

describe('a day played through', () => {
  it('beds that are always there first, then those made up; the sum stays, and who has no place is named', () => {
    const frames = dayFrames(plan, night)
    expect(frames.map(({ says }) => says)).toEqual([
      'In the afternoon: nothing is made up, 4 will lie down.',
      'Ro and Mi: queen. 2 of 4 lie.',
      'Ta: dinette bed, made from the dinette in 3 min. 3 of 4 lie.',
      'No place is left for Uno: 3 of 4 lie.',
      'In the morning: made back in 3 min, everybody is up.',
      'On the road: nothing to run in.',
    ])
    expect(frames.map(({ time }) => time)).toEqual(['parked', 'night', 'night', 'night', 'parked', 'road'])
    expect(frames.map(({ made }) => made.length)).toEqual([0, 0, 1, 1, 0, 0])
  })

  it('nobody lies in a bed before it is made, nor in one that is not theirs', () => {
    for (const { made, sleepers } of dayFrames(plan, night))
      for (const { berth: id, people } of sleepers) {
        const needs = plan.berths.find((one) => one.id === id)!.conversion
        expect(needs === undefined || made.includes(needs)).toBe(true)
        expect(night.sleepers.find((one) => one.berth === id)!.people).toEqual(people)
      }
  })
})
