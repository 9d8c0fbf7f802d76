import { describe, expect, it } from 'vitest'
import { household, person } from '../testing/someone'
import { inCommon, sameHousehold } from './same'

const of = (name: string, ...names: string[]) =>
  household(
    names.map((one) => person({ name: one })),
    { name },
  )

describe('one household, read in twice', () => {
  const they = of('José and Ana Merz', 'José', 'Ana', 'Lio')

  it('is known by its name and somebody of it, whatever the case, accents and spaces', () => {
    expect(sameHousehold(they, of('jose and  ana merz', 'Ana'))).toBe(true)
    expect(sameHousehold(they, { ...they, notes: 'came back' })).toBe(true)
  })

  it('is not another family of the same name, nor another name of the same people', () => {
    expect(sameHousehold(they, of('José and Ana Merz', 'Peter', 'Ruth'))).toBe(false)
    expect(sameHousehold(they, of('The Merzes', 'José', 'Ana', 'Lio'))).toBe(false)
  })

  it('counts whom two of them have in common', () => expect(inCommon(they, of('x', 'Lio', 'ANA', 'Uwe'))).toBe(2))
})
