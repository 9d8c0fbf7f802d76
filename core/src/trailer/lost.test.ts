import { expect, it } from 'vitest'
import { berth, unit } from '../testing/unit'
import { readingsLost } from './lost'
import { withReading } from './things'

const file = unit({ berths: [berth('bunk', 30, 74, { id: 'upper', name: 'Upper bunk' })] })
const taken = { value: 250, source: 'measured', on: '2026-11-20', by: 'Nell' } as const

it('what somebody read on the lot and the file does not have is named; figures of a sheet are not', () => {
  const kept = withReading(withReading(file, 'plan.berths.upper.weightLimit', taken)!, 'readings.askingPrice', {
    value: 30_000,
    source: 'sheet',
    on: '2026-11-20',
  })!
  expect(readingsLost(kept, file)).toEqual(['Upper bunk: weight limit'])
  expect(readingsLost(file, kept)).toEqual([])
  expect(readingsLost(kept, kept)).toEqual([])
})

it('what was read on a thing that the file does not have is lost with it', () => {
  const kept = withReading(file, 'plan.berths.upper.weightLimit', taken)!
  expect(readingsLost(kept, unit())).toEqual(['Upper bunk: weight limit'])
})
