const NAME = 'hitchet-tab'
let made: string | undefined

/** What this tab is known by, also after a reload; two tabs are two. */
export function thisTab(): string {
  if (made) return made
  try {
    made = sessionStorage.getItem(NAME) ?? undefined
    if (!made) sessionStorage.setItem(NAME, (made = fresh()))
  } catch {
    // No storage at all: until it is reloaded.
    made ??= fresh()
  }
  return made
}

const fresh = (): string => Math.random().toString(36).slice(2, 10)
