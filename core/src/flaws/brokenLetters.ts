import { error, type Flaw } from './flaw'

/** What every reader puts in the place of bytes that are no UTF-8. No text of a lot holds it. */
const BROKEN = '\uFFFD'
/** So many letters around it show where it is. */
const AROUND = 20

/**
 * A file that was not saved as UTF-8 was read with letters missing: José as Jos�. It is refused with the line and the word,
 * as nobody can tell which letters they were.
 */
export function brokenLetters(text: string): Flaw | undefined {
  const at = text.indexOf(BROKEN)
  if (at < 0) return undefined
  const line = text.slice(0, at).split('\n').length
  const around = text
    .slice(Math.max(0, at - AROUND), at + AROUND)
    .split('\n')
    .find((one) => one.includes(BROKEN))!
  return error(`line ${line}`, around.trim(), 'letters in UTF-8; save the file as UTF-8 and bring it again')
}
