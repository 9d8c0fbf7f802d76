import { readFile } from 'node:fs/promises'
import { createRequire } from 'node:module'
import { Font } from '@react-pdf/renderer'
import { decompress } from 'wawoff2'

/** Letters beyond Western Europe's come from the second of each family. */
export const TEXT = ['Figtree', 'Figtree beyond']
export const FIGURES = ['Barlow', 'Barlow beyond']

const FACES = [
  { family: 'Figtree', file: 'figtree/files/figtree-latin' },
  { family: 'Figtree beyond', file: 'figtree/files/figtree-latin-ext' },
  { family: 'Barlow', file: 'barlow-semi-condensed/files/barlow-semi-condensed-latin' },
  { family: 'Barlow beyond', file: 'barlow-semi-condensed/files/barlow-semi-condensed-latin-ext' },
]

/** Once in a thread. Unpacked here: what draws the page would unpack all of a family's letters for each that it draws. */
export async function registerFonts(): Promise<void> {
  const { resolve } = createRequire(import.meta.url)
  for (const { family, file } of FACES)
    for (const weight of [400, 600]) {
      const packed = await readFile(resolve(`@fontsource/${file}-${weight}-normal.woff2`))
      const unpacked = Buffer.from(await decompress(packed)).toString('base64')
      Font.register({ family, fontWeight: weight, src: `data:font/ttf;base64,${unpacked}` })
    }
  // Words of a trade are not to be broken by the rules of English.
  Font.registerHyphenationCallback((word) => [word])
}
