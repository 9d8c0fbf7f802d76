import { describe, expect, it } from 'vitest'
import { equipment, unit } from '../../testing/unit'
import { cardFigures } from './unitCard'

const of = (label: string, trailer = unit()) => cardFigures(trailer).find((one) => one.label === label)

describe('the figures that nobody should quote from memory', () => {
  it('each with where it comes from, and Measure where nobody read it', () => {
    expect(of('Dry')).toMatchObject({ value: 3555, source: 'label' })
    expect(of('Height')!.value).toBeUndefined()
    expect(of('Hitch')).toMatchObject({ value: 440, unit: 'lb' })
  })

  it('left to load is what the label says; without a label GVWR less UVW, and said to be reckoned', () => {
    expect(of('Left to load')).toMatchObject({ value: 4800 - 3555, source: 'label' })
    const { readings, ...rest } = unit()
    const { cargoCapacity: _label, ...others } = readings
    expect(of('Left to load', { ...rest, readings: others })).toMatchObject({ value: 1245, source: 'reckoned' })
    const { uvw: _uvw, ...unweighed } = others
    expect(of('Left to load', { ...rest, readings: unweighed })!.value).toBeUndefined()
  })

  it('what was fitted after the label is taken off it: 1,245 less 96; not weighed, nobody knows', () => {
    const fitted = (weight?: number) =>
      unit({}, {}, [equipment('added', { what: 'Second air conditioner', ...(weight !== undefined && { weight }) })])
    expect(of('Left to load', fitted(96))).toMatchObject({ value: 1245 - 96, source: 'reckoned' })
    expect(of('Left to load', fitted())!.value).toBeUndefined()
  })

  it('two gray tanks are added; one that nobody read makes the sum unknown', () => {
    const grays = (...capacities: (number | undefined)[]) =>
      unit(
        {},
        {},
        capacities.map((capacity, i) => ({
          ...equipment('gray-tank', capacity === undefined ? {} : { capacity }),
          id: `g${i}`,
        })),
      )
    expect(of('Gray', grays(30, 28))!.value).toBe(58)
    expect(of('Gray', grays(30, undefined))!.value).toBeUndefined()
    expect(of('Gray')!.value).toBeUndefined()
  })
})
