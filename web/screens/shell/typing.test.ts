import { describe, expect, it } from 'vitest'
import { isForKeys } from './typing'

/** As much of an element as the rule looks at. */
const element = (
  tagName: string,
  given: { type?: string; figure?: string; within?: string; editable?: boolean } = {},
) =>
  ({
    tagName,
    type: given.type ?? 'text',
    dataset: given.figure ? { figure: given.figure } : {},
    isContentEditable: given.editable ?? false,
    closest: (selector: string) => (given.within && selector.includes(`"${given.within}"`) ? {} : null),
  }) as unknown as EventTarget
const press = (target: EventTarget | null, key = 'n', ctrlKey = false) =>
  isForKeys({ key, ctrlKey, metaKey: false, target })

describe('whose a key is', () => {
  it.each([
    ['nothing', null],
    ['the page', element('BODY')],
    ['a button', element('BUTTON')],
    ['a segment that was clicked', element('INPUT', { type: 'radio' })],
    ['a checked box', element('INPUT', { type: 'checkbox' })],
    ['something on the plan', element('g')],
  ])('a letter on %s is the screen’s', (_, target) => expect(press(target)).toBe(true))

  it.each([
    ['a text field', element('INPUT')],
    ['a field for an email', element('INPUT', { type: 'email' })],
    ['notes', element('TEXTAREA')],
    ['a list of choices', element('SELECT')],
    ['an open menu', element('DIV', { within: 'menu' })],
    ['an open dialog', element('BUTTON', { within: 'dialog' })],
    ['text that is edited in place', element('DIV', { editable: true })],
  ])('a letter in %s is its own', (_, target) => expect(press(target)).toBe(false))

  it('arrows on a radio choose the next one, on the plan they move', () => {
    expect(press(element('INPUT', { type: 'radio' }), 'ArrowRight')).toBe(false)
    expect(press(element('g'), 'ArrowRight')).toBe(true)
  })

  it('Ctrl Z in a field is its own while someone types, and the plan’s once the figure is set', () => {
    expect(press(element('INPUT', { figure: 'typed' }), 'z', true)).toBe(false)
    expect(press(element('INPUT', { figure: 'set' }), 'z', true)).toBe(true)
    expect(press(element('INPUT', { figure: 'set' }), 'z')).toBe(false)
  })
})
