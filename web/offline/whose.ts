import { forgetDrafts } from '../screens/kept/onDevice'
import { forgetPages } from './KeepHere'

/** Who was here last on this device, by the id of their account. */
const NAME = 'hitchet-whose'
/** Whether this document has shown a page that is only for who is signed in. */
let hasShown = false

const last = (): string | null => {
  try {
    return localStorage.getItem(NAME)
  } catch {
    return null
  }
}

/**
 * A page of theirs is shown. Whoever signs in in another tab takes the device over: what this one shows is dropped; and a page
 * that the browser set aside whole is loaded anew when one goes back to it.
 */
export function showsPagesOf(account: string): () => void {
  hasShown = true
  try {
    localStorage.setItem(NAME, account)
  } catch {
    // Nothing is kept on this device, so nobody finds anything.
  }
  const takenOver = ({ key, newValue }: StorageEvent) => {
    if (key === NAME && newValue !== account) window.location.replace('/')
  }
  const left = () => void (document.documentElement.style.visibility = 'hidden')
  const backAgain = ({ persisted }: PageTransitionEvent) => {
    if (persisted) window.location.reload()
    else document.documentElement.style.visibility = ''
  }
  window.addEventListener('storage', takenOver)
  window.addEventListener('pagehide', left)
  window.addEventListener('pageshow', backAgain)
  return () => {
    window.removeEventListener('storage', takenOver)
    window.removeEventListener('pagehide', left)
    window.removeEventListener('pageshow', backAgain)
  }
}

/**
 * Nobody is signed in here any more: what was kept for them goes. A document that has shown pages goes too, so that no way back
 * leads there, and the one in its place forgets.
 */
export function nobodyIsHere(): void {
  if (hasShown) window.location.replace('/sign-in')
  else void forgetPages().catch(() => undefined)
}

/**
 * Somebody has signed in: before they see a first page everything that somebody else saw or typed here is gone. What waits to be
 * sent stays, for its writer to send.
 */
export async function takeDeviceOver(account: string): Promise<void> {
  await forgetPages().catch(() => undefined)
  if (last() !== account) forgetDrafts()
  try {
    localStorage.setItem(NAME, account)
  } catch {
    // As above.
  }
}
