import { useHotkeys } from 'react-hotkeys-hook'
import { isForKeys } from './typing'

/** Single keys for a screen, letters whether large or small. Silent with Ctrl, Alt or Meta held, and while someone types. */
export function useKeys(keys: Record<string, () => void>): void {
  useKeyboard((event) => {
    if (event.ctrlKey || event.altKey || event.metaKey) return false
    const action = keys[event.key.length === 1 ? event.key.toLowerCase() : event.key]
    action?.()
    return action !== undefined
  })
}

/** Every key that is pressed on the page and belongs to nothing on it. `press` says whether it did something with it. */
export function useKeyboard(press: (event: KeyboardEvent) => boolean): void {
  useHotkeys(
    '*',
    (event) => {
      if (press(event)) event.preventDefault()
    },
    { enableOnFormTags: true, enableOnContentEditable: true, ignoreEventWhen: (event) => !isForKeys(event) },
  )
}
