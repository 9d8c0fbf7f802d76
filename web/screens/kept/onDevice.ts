/** What `deviceStore` keeps, and nothing else of this site's. */
const OURS = /^hitchet:/
/** Drafts of people and of drawings that are not saved yet; a picture below a drawing goes with it. */
const DRAFT = /^hitchet:(household|plan):/

const keys = (): string[] => {
  try {
    return Object.keys(localStorage)
  } catch {
    return []
  }
}

/** So many drafts on this device wait to be saved. */
export const draftsHere = (): number => keys().filter((key) => DRAFT.test(key)).length

/** Nothing of what was typed stays on this device. */
export function forgetDrafts(): void {
  for (const key of keys().filter((one) => OURS.test(one))) localStorage.removeItem(key)
}
