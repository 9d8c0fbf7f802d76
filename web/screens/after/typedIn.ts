import type { SubmitEvent } from 'react'

/** What stands in a form's fields by their names: also what was typed before the page had woken up. */
export function typedIn(event: SubmitEvent<HTMLFormElement>): Record<string, string> {
  event.preventDefault()
  const data = new FormData(event.currentTarget, event.nativeEvent.submitter as HTMLElement | null)
  return Object.fromEntries([...data].map(([name, value]) => [name, String(value)]))
}
