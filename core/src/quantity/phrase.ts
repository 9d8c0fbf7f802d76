import { formatFeet, formatQuantity, type MeasureSystem } from './format'
import type { Quantity } from './quantity'

/** A height or a rig's length, said in feet even when it is short of eight of them. */
export interface Feet {
  readonly feet: number
}

/** A sentence whose figures stay figures until it is shown, so that it can be read in either system. */
export type Phrase = readonly (string | Quantity | Feet)[]

/**
 * `says\`Queen is ${inches(80)}\``: words and figures, in order. Written as a plain loop: a ranking makes ten
 * thousand of them.
 */
export function says(words: TemplateStringsArray, ...figures: (string | number | Quantity | Feet | Phrase)[]): Phrase {
  const phrase: Phrase[number][] = []
  for (let i = 0; i < words.length; i++) {
    if (words[i]) phrase.push(words[i]!)
    const figure = figures[i]
    if (typeof figure === 'number') phrase.push(String(figure))
    else if (isPhrase(figure)) phrase.push(...figure)
    else if (figure) phrase.push(figure)
  }
  return phrase
}

const isPhrase = (figure: unknown): figure is Phrase => Array.isArray(figure)

export const feet = (inches: number): Feet => ({ feet: inches })

/** The sentence as text. */
export function phraseText(phrase: Phrase, system: MeasureSystem = 'us'): string {
  return phrase
    .map((part) =>
      typeof part === 'string' ? part : 'feet' in part ? formatFeet(part.feet, system) : formatQuantity(part, system),
    )
    .join('')
}

/** The verb that goes with one, or with many: `agrees(people, 'sleeps', 'sleep')`. */
export const agrees = (many: readonly unknown[], one: string, several: string): string =>
  many.length > 1 ? several : one

/** The same of phrases. */
export const listedPhrases = (parts: readonly Phrase[]): Phrase =>
  parts.reduce((all, one, i) => says`${all}${i === parts.length - 1 ? ' and ' : ', '}${one}`)

/** A sentence that follows on another word: `With guests two ways out ...`. Names keep their capital. */
export function following(first: string, [word, ...rest]: Phrase): Phrase {
  if (first === '' || typeof word !== 'string') return says`${first}${[word!, ...rest]}`
  return [
    first +
      (/^(At|All|Both|Every|It|No|One|The|Two) /.test(word) ? word.charAt(0).toLowerCase() + word.slice(1) : word),
    ...rest,
  ]
}

/** A sentence's first word with a capital. */
export const capitalized = ([first, ...rest]: Phrase): Phrase =>
  typeof first === 'string' ? [first.charAt(0).toUpperCase() + first.slice(1), ...rest] : [first!, ...rest]

/** Those who do something, with the verb that goes with so many: `Ro and Mi sleep`. */
export const doing = (names: readonly string[], one: string, several: string): string =>
  `${listed(names)} ${agrees(names, one, several)}`

/** `Ro`, `Ro and Mi`, `Ro, Mi and Ta`. */
export function listed(names: readonly string[], word = 'and'): string {
  if (names.length < 2) return names.join('')
  return `${names.slice(0, -1).join(', ')} ${word} ${names.at(-1)}`
}
