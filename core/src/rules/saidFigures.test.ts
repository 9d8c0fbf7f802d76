import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'

const ROOT = new URL('../', import.meta.url)
const TELLING = ['questions', 'handover', 'loading', 'nights', 'stowing', 'camping', 'match', 'takehome', 'walk']
const sources = TELLING.flatMap((room) =>
  (readdirSync(new URL(`${room}/`, ROOT), { recursive: true }) as string[])
    .filter((path) => /(?<!\.test|[rR]ules)\.ts$/.test(path))
    .map((path) => `${room}/${path}`),
)

/** What is written between quotes in a source, without what is put in and without comments. */
const texts = (source: string): string[] =>
  [...source.replace(/\/\*[\s\S]*?\*\/|\/\/.*$/gm, '').matchAll(/`((?:[^`\\]|\\.)*)`|'((?:[^'\\\n]|\\.)*)'/g)].map(
    ([, template, plain]) => (template ?? plain!).replace(/\$\{(?:[^{}]|\{[^{}]*\})*\}/g, '…'),
  )

/** Figures that are the world's and no house's: what a law, a plug, a pack or a manual says. */
const NEVER_A_RULE = [
  /No child under 6 in an upper bunk: the federal bunk-bed standard/, // 16 CFR 1213
  /97th centile/,
  /\b(15|30|50) A\b/,
  /first 10, 25 and 50 miles/,
  /every 90 days/,
  /12 V|120 V/,
  /\d\/\d+ in$/, // balls are stamped so
  /clear sky, 5 to 100 %/,
]

const FIGURE =
  /(?:^|[^\w.])\d+(?:[.-]\d+)? ?(?:%|in\b|lb\b|ft\b|°F|years?\b|nights?\b|days?\b|people\b|gal\b)|under \d+/

describe('sentences', () => {
  it.each(sources)('%s: no threshold is written into the words', (path) => {
    const said = texts(readFileSync(new URL(path, ROOT), 'utf8'))
    expect(said.filter((text) => FIGURE.test(text) && !NEVER_A_RULE.some((one) => one.test(text)))).toEqual([])
  })
})
