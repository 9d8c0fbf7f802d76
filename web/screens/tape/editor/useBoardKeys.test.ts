import { describe, expect, it } from 'vitest'
import { emptyPlan, fixture } from '@hitchet/core/testing/unit'
import { boardOf, stepped } from './drawing'
import { keyStep } from './useBoardKeys'

const plan = emptyPlan({ fixtures: [fixture('wardrobe', [20, 10, 26, 20]), fixture('toilet', [80, 10, 19, 22])] })
const press = (key: string, more: Partial<Parameters<typeof keyStep>[0]> = {}, chosen = ['wardrobe']) =>
  keyStep({ key, ctrlKey: false, metaKey: false, shiftKey: false, altKey: false, ...more }, plan, chosen)
const rect = (step: ReturnType<typeof keyStep>, at = 0) =>
  step?.do === 'change' && (step.to.fixtures[at]!.shape as { rect: number[] }).rect

describe('the hand by keyboard', () => {
  it.each([
    ['an arrow moves by an inch', press('ArrowRight'), [21, 10, 26, 20]],
    ['with Shift by half a foot', press('ArrowUp', { shiftKey: true }), [20, 4, 26, 20]],
    ['with Ctrl it stretches', press('ArrowDown', { ctrlKey: true }), [20, 10, 26, 21]],
    ['never to nothing', press('ArrowLeft', { ctrlKey: true, shiftKey: true }, ['toilet']), [20, 10, 26, 20]],
    ['Q turns on the middle', press('q'), [23, 7, 20, 26]],
  ])('%s', (_, step, where) => expect(rect(step)).toEqual(where))

  it('several in hand go together', () => {
    const both = press('ArrowRight', {}, ['wardrobe', 'toilet'])
    expect([rect(both, 0), rect(both, 1)]).toEqual([
      [21, 10, 26, 20],
      [81, 10, 19, 22],
    ])
  })

  it('Delete takes away what is in hand, and nothing when nothing is', () => {
    expect(press('Delete')).toMatchObject({ do: 'change', to: { fixtures: [{ id: 'toilet' }] }, chosen: [] })
    expect(press('Delete', {}, [])).toBeUndefined()
  })

  it('undo and redo ask for nothing in hand', () => {
    expect(press('z', { ctrlKey: true }, [])).toEqual({ do: 'undo' })
    expect(press('Z', { metaKey: true, shiftKey: true }, [])).toEqual({ do: 'redo' })
    expect(press('y', { ctrlKey: true }, [])).toEqual({ do: 'redo' })
  })

  it('a double is what is in hand afterwards', () =>
    expect(press('d', { ctrlKey: true })).toMatchObject({ chosen: ['wardrobe-2'] }))
  it('keys of the browser are left to it', () =>
    expect([press('r', { ctrlKey: true }), press('f', { altKey: true }), press('x')]).toEqual([
      undefined,
      undefined,
      undefined,
    ]))
})

describe('the drawing board', () => {
  it('a drag of many moments is undone at once', () => {
    const moved = (x: number) => ({ ...plan, fixtures: [fixture('wardrobe', [x, 10, 26, 20])] })
    const dragged = [
      { do: 'change', to: moved(21) } as const,
      { do: 'go on', to: moved(22) } as const,
      { do: 'go on', to: moved(23) } as const,
    ].reduce(stepped, boardOf(plan))
    expect(dragged.history.now).toEqual(moved(23))
    expect(stepped(dragged, { do: 'undo' }).history.now).toBe(plan)
    expect(stepped(stepped(dragged, { do: 'undo' }), { do: 'redo' }).history.now).toEqual(moved(23))
  })
})
