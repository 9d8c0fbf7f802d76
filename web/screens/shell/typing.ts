/** Inputs that take no text: after a click on one, letters are still for the screen. */
const WITHOUT_TEXT = new Set(['checkbox', 'radio', 'button', 'submit', 'reset', 'range', 'color', 'file', 'image'])

/** What a chosen radio or a button does by itself. */
const ITS_OWN = new Set(['ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown', ' ', 'Enter'])

type Pressed = Pick<KeyboardEvent, 'key' | 'ctrlKey' | 'metaKey' | 'target'>

/**
 * The one rule for whose a key is: the screen's, or that of the field someone types in, the list or dialog that
 * is open, the radio that has the focus. Once a figure is set, Ctrl Z in its field means the screen.
 */
export function isForKeys({ key, ctrlKey, metaKey, target }: Pressed): boolean {
  if (!isElement(target)) return true
  if (target.isContentEditable || target.closest('[role="menu"], [role="listbox"], [role="dialog"]')) return false
  const { tagName, type, dataset } = target as HTMLInputElement
  if (tagName === 'TEXTAREA' || tagName === 'SELECT') return false
  if (tagName !== 'INPUT') return true
  if (WITHOUT_TEXT.has(type)) return !ITS_OWN.has(key)
  return dataset.figure === 'set' && (ctrlKey || metaKey)
}

const isElement = (target: EventTarget | null): target is HTMLElement => target !== null && 'tagName' in target
