import { createRequire } from 'node:module'
import { Font } from '@react-pdf/renderer'

/** Read as they are shipped; letters beyond Western Europe's come from the second of each family. */
export const TEXT = ['Figtree', 'Figtree beyond']
export const FIGURES = ['Barlow', 'Barlow beyond']

const FACES = [
  { family: 'Figtree', file: 'figtree/files/figtree-latin' },
  { family: 'Figtree beyond', file: 'figtree/files/figtree-latin-ext' },
  { family: 'Barlow', file: 'barlow-semi-condensed/files/barlow-semi-condensed-latin' },
  { family: 'Barlow beyond', file: 'barlow-semi-condensed/files/barlow-semi-condensed-latin-ext' },
]

export function registerFonts(): void {
  const { resolve } = createRequire(import.meta.url)
  for (const { family, file } of FACES)
    for (const weight of [400, 600])
      Font.register({
        family,
        fontWeight: weight,
        src: resolve(`@fontsource/${file}-${weight}-normal.woff`),
      })
  // Words of a trade are not to be broken by the rules of English.
  Font.registerHyphenationCallback((word) => [word])
}
