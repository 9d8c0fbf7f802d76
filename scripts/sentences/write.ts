// npm run sentences: writes every kind of sentence the program says to docs/sentences.md, to be read.
import { writeFileSync } from 'node:fs'
import { PAGE, pageOf, saidToday } from './page'

const kinds = saidToday()
writeFileSync(PAGE, pageOf(kinds))
console.log(`${kinds.length} kinds of sentences in docs/sentences.md: read those that are new.`)
