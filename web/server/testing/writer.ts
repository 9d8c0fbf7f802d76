import { v7 as uuid } from 'uuid'
import { household, person } from '@hitchet/core/testing/someone'
import { startHousehold } from '../services/households'

/**
 * A process that saves one household after the other, as many at once as people save at once, and says of each that was
 * acknowledged so, and of each try that failed: to be killed in the middle of it. Whoever gets no answer sends the same once
 * more, as pages do.
 */
const [first] = process.argv.slice(2).map(Number) as [number]
let next = first

async function writeOn(): Promise<never> {
  for (;;) {
    const [number, id] = [next++, uuid()]
    const document = household([person({ name: 'Ro' })], { name: `Written ${number}` })
    for (let isThere = false; !isThere;) {
      isThere = await startHousehold(id, document, id)
        .then(() => true)
        .catch(() => false)
      if (!isThere) process.stdout.write('again\n')
      if (!isThere) await new Promise((resolve) => setTimeout(resolve, 50))
    }
    process.stdout.write(`${id}\n`)
  }
}

await Promise.all(Array.from({ length: 8 }, writeOn))
