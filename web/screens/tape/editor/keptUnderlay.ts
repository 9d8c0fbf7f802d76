import type { Underlay } from './underlay'

const nameOf = (stock: string): string => `hitchet:underlay:${stock}`

/** The picture under the plan that an earlier visit left on this device; undefined when there is none. */
export function keptUnderlay(stock: string): Underlay | undefined {
  try {
    return (JSON.parse(localStorage.getItem(nameOf(stock)) ?? 'null') as Underlay | null) ?? undefined
  } catch {
    return undefined
  }
}

/** Keeps the picture on this device, or forgets it; false when it is too large for that. */
export function keepUnderlay(stock: string, underlay: Underlay | undefined): boolean {
  try {
    localStorage.removeItem(nameOf(stock))
    if (underlay) localStorage.setItem(nameOf(stock), JSON.stringify(underlay))
    return true
  } catch {
    return false
  }
}
