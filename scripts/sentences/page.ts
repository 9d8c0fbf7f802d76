import { readFileSync } from 'node:fs'
import { kindsOf, type Kind } from './kinds'
import { allSaid } from './said'

export const PAGE = new URL('../../docs/sentences.md', import.meta.url)

/** Every kind of sentence said today. */
export const saidToday = (): Kind[] => kindsOf(allSaid())

/** The page as a person reads it: by question and verdict, each kind of sentence once, as it is said to somebody. */
export function pageOf(kinds: readonly Kind[]): string {
  const heads = [...new Set(kinds.map(({ where }) => where))]
  const parts = heads.flatMap((head) => [
    `## ${head}`,
    '',
    ...kinds.filter(({ where }) => where === head).map((kind) => lineOf(kind)),
    '',
  ])
  return [
    '# What is said',
    '',
    'Every kind of sentence that the demo’s households are told of its units, and of a few of either of whom little',
    'is known. Written by `npm run sentences`, read whole by a person, and kept: a test fails while a sentence is said',
    'that does not stand here. A line: the verdict, the sentence as somebody hears it, how often at least; then its kind.',
    '',
    ...parts,
  ].join('\n')
}

const lineOf = ({ verdict, example, count, pattern }: Kind): string =>
  `- ${verdict ? `**${verdict}** ` : ''}${example} (${often(count)})\n  <!-- ${keyOf({ verdict, pattern })} -->`

/** Roughly: a page that changes with every count hides what is new on it. */
const often = (count: number): string => `${[1000, 300, 100, 30, 10, 3].find((least) => count >= least) ?? 1}+`

export const keyOf = ({ verdict, pattern }: Pick<Kind, 'verdict' | 'pattern'>): string =>
  `${verdict}|${pattern}`.replaceAll('--', '–')

/** The kinds that stand on the page, under their heads. */
export function keysOnPage(text = readFileSync(PAGE, 'utf8')): Set<string> {
  const keys = new Set<string>()
  let head = ''
  for (const line of text.split('\n')) {
    if (line.startsWith('## ')) head = line.slice(3)
    const found = /^ {2}<!-- (.*) -->$/.exec(line)
    if (found) keys.add(`${head}|${found[1]}`)
  }
  return keys
}
