import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { hashPassword } from '../auth/password'
import { accountByEmail, addAccount } from '../db/people/accounts'
import { disconnect } from '../db/database'
import { stockNumbers } from '../db/trailers'
import { DEMO_PEOPLE } from '../demoPeople'
import { importFiles } from '../services/importing'
import { closePool } from '../jobs/pool'
import { stopRefreshing } from '../services/cache/answerCache'
import { loadAfterwards } from './demoAfterwards'
import { loadWalks } from './demoWalks'

const DEMO = join(import.meta.dirname, '../../../demo')

/** The demo yard, households and people, once: through the same import as anybody's files. */
for (const person of DEMO_PEOPLE) {
  if (!(await accountByEmail(person.email)))
    await addAccount({ ...person, passwordHash: await hashPassword(crypto.randomUUID()) })
}
if ((await stockNumbers()).length === 0) {
  const files = ['yard', 'households'].flatMap((folder) =>
    readdirSync(join(DEMO, folder))
      .filter((name) => name.endsWith('.json'))
      .sort()
      .map((name) => ({ name: `${folder}/${name}`, text: readFileSync(join(DEMO, folder, name), 'utf8') })),
  )
  const { done, errors, added, households } = await importFiles(files, { keepGood: false, by: null })
  if (!done) throw new Error(`The demo data does not load:\n${errors.join('\n')}`)
  const maren = await accountByEmail(DEMO_PEOPLE[0]!.email)
  const notes = await loadWalks(maren!.account)
  await loadAfterwards(maren!.account)
  console.log(
    `Demo loaded: ${added.length} trailers, ${households.added.length} households, ${notes} notes of two weeks`,
  )
}
await stopRefreshing()
await closePool()
await disconnect()
