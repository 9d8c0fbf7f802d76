import { describe, expect, it } from 'vitest'
import { closedAddress } from './unitAddress'

describe('a household that is closed', () => {
  it.each([
    ['/households/01a2/units/T-118', '/yard/T-118'],
    ['/households/01a2/units/T-118/tape', '/yard/T-118/tape'],
    ['/households/01a2/units/T-118/walk', '/yard/T-118/walk'],
    // A hand-over is theirs alone: the unit itself remains.
    ['/households/01a2/units/T-118/hand-over', '/yard/T-118'],
    ['/households/01a2/yard', '/yard'],
    ['/households/01a2/match', '/'],
    ['/households/01a2', '/'],
  ])('on %s leaves one at %s', (at, then) => expect(closedAddress(at)).toBe(then))
})
