import { expect, it } from 'vitest'
import { DEFAULT_HOUSE_RULES as RULES } from '../rules/houseRules'
import { FAMILY } from '../testing/lot'
import { household, person } from '../testing/someone'
import type { Trailer } from '../trailer/trailer'
import { assignedOnce } from './sleepingAssignment'
import { nightsIn } from './nights'

const TWO = household([
  person({ id: 'a', name: 'Ro', height: 70, weight: 170 }),
  person({ id: 'b', name: 'Mi', age: 9, height: 52, weight: 60 }),
])
const nightsOf = (trailer: Trailer) => nightsIn(trailer, TWO, RULES)

/** The family's unit, its first berth otherwise. */
function changed(change: (berth: Trailer['plan']['berths'][number]) => void): Trailer {
  const unit = structuredClone(FAMILY)
  change(unit.plan.berths[0]!)
  return unit
}
const mattress = (value: number | undefined) =>
  changed((berth) => {
    const { mattressLength: _read, ...rest } = berth.readings ?? {}
    berth.readings = value === undefined ? rest : { ...rest, mattressLength: [{ value, source: 'measured' }] }
  })

it('is one object as long as they lie in the same beds, however long those are', () => {
  const lying = assignedOnce()
  expect(lying(nightsOf(mattress(76)))).toBe(lying(nightsOf(mattress(79))))
})

it('is another where they lie elsewhere, where that is not sure, and where the bed or its room has another name', () => {
  const lying = assignedOnce()
  const first = lying(nightsOf(mattress(76)))
  const others = [
    mattress(50),
    mattress(undefined),
    changed((berth) => void (berth.name = 'Berth by the window')),
    changed((berth) => void (berth.room = FAMILY.plan.rooms.find(({ id }) => id !== berth.room)!.id)),
  ].map((unit) => lying(nightsOf(unit)))
  expect(new Set([first, ...others]).size).toBe(5)
})

it('tells who lies in which berth as the nights do', () => {
  const nights = nightsOf(FAMILY)
  const told = assignedOnce()(nights).everyNight.placements.map(({ berth, people }) => [berth.id, people])
  expect(told).toEqual(nights.everyNight.placements.map(({ berth, people }) => [berth.id, people]))
  expect(told).not.toEqual([])
})
