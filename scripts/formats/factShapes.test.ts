import { describe, expect, it } from 'vitest'
import { shapeOf } from '../../core/src/testing/shapeOf'
import { factShapes, movedWithoutVersion, writtenShapes } from './factShapes'

describe('the shape of stored facts', () => {
  const now = factShapes()

  it('has not moved under the same version: raise the version of the question, then `npm run formats`', () => {
    expect(movedWithoutVersion(now, writtenShapes())).toEqual([])
  })

  it('is the one that is written down: `npm run formats` writes it', () => expect(now).toEqual(writtenShapes()))

  it('that moves is noticed, unless the version moved with it', () => {
    const moved = (version: number) => ({ ...now, price: { version, shape: { asked: 'number' } } })
    expect(movedWithoutVersion(moved(now.price!.version), now)).toEqual(['price'])
    expect(movedWithoutVersion(moved(now.price!.version + 1), now)).toEqual([])
  })

  it('tells a key that is not always there, lists and unions', () =>
    expect(shapeOf([{ a: 1, b: [{ c: 'x' }, {}] }, { b: [] }, { a: null, b: [] }])).toEqual({
      'a?': 'null | number',
      b: [{ 'c?': 'string' }],
    }))
})
