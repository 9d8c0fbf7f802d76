import { flushSync } from 'react-dom'

/**
 * Adds a row, and the keyboard is in the field of that name. The page stays where it is: what adds stands above what is added,
 * and nothing moves under the finger.
 */
export function addRow(add: (options: { shouldFocus: false }) => void, name: string): void {
  flushSync(() => add({ shouldFocus: false }))
  document.getElementsByName(name)[0]?.focus({ preventScroll: true })
}
