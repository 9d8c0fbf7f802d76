import { KEPT_UNTIL } from './kept'

const UNTIL = new RegExp(`<meta name="${KEPT_UNTIL}" content="([^"]+)"`)

/** Until when a page may be opened without a line, as it says itself; undefined for one that is for everybody. */
export function keptUntil(html: string): number | undefined {
  const text = UNTIL.exec(html)?.[1]
  return text === undefined ? undefined : Date.parse(text)
}
