import { describe, expect, it } from 'vitest'
import { FEATURE_IDS, FEATURES } from '../../features/catalogue'
import type { ReadingSpec, ReadingValue } from '../../readings/reading'
import { readings } from '../../testing/someone'
import { berth, equipment, fixture, standardEquipment, unit } from '../../testing/unit'
import { toldRows } from './toldRows'

const sunny = {
  ...unit({}, {}, [...standardEquipment(), equipment('solar', { watts: 200 })]),
  features: readings({ awningLight: true, suspension: 'torsion' }),
}
const plain = {
  ...unit(),
  absent: [{ kind: 'solar' as const, source: 'measured' as const }],
  features: readings({ awningLight: false }),
}
const rowOf = (label: string) => toldRows([sunny, plain]).find((row) => row.label === label)

describe('what several units have, side by side', () => {
  it('yes and no differ; what nobody looked at is no difference and no no', () => {
    expect(rowOf('Light strip in the awning')).toMatchObject({
      differs: true,
      cells: [{ reading: { value: true } }, { reading: { value: false } }],
    })
    expect(rowOf('Suspension')).toMatchObject({ differs: false, cells: [{ reading: { value: 'torsion' } }, {}] })
  })

  it('equipment that somebody looked for and did not find is none', () => {
    expect(rowOf('Roof solar')).toMatchObject({ differs: true, cells: [{ reading: { value: true } }, { none: true }] })
    expect(rowOf('Roof solar: panels')).toMatchObject({ differs: false, cells: [{ reading: { value: 200 } }, {}] })
  })

  it('what a floor plan shows and people ask for is a row of it', () => {
    const queen = berth('bed', 60, 74, { access: ['door', 'off-door'] })
    const things = [fixture('counter', [100, 2, 60, 20]), fixture('shower', [200, 2, 36, 30])]
    const rows = toldRows([
      unit({ berths: [queen], fixtures: things }),
      unit({ berths: [{ ...queen, access: ['door'] }], fixtures: things }),
    ])
    const row = (label: string) => rows.find((one) => one.label === label)
    expect(row('Walk-around bed')).toMatchObject({
      differs: true,
      cells: [{ reading: { value: true } }, { none: true }],
    })
    expect(row('Dry bath')).toMatchObject({ group: 'The floor plan', differs: false })
    expect(row('Longest counter')).toMatchObject({
      spec: { unit: 'in' },
      cells: [{ reading: { value: 60 } }, { reading: { value: 60 } }],
    })
  })

  it('every feature is a row once somebody looked at it on one of them, and none before', () => {
    const value = ({ kind, choices, can }: ReadingSpec): ReadingValue =>
      kind === 'yes-no' ? true : kind === 'choice' ? choices![0]! : kind === 'text' ? 'as told' : (can?.[0] ?? 1)
    const looked = {
      ...unit(),
      features: readings(Object.fromEntries(FEATURE_IDS.map((id) => [id, value(FEATURES[id])]))),
    }
    const bare = toldRows([unit(), unit()]).length
    expect(toldRows([looked, unit()])).toHaveLength(bare + FEATURE_IDS.length)
  })
})
