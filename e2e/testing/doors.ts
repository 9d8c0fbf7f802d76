import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'

const APP = join(import.meta.dirname, '../../web/app')
const files = (readdirSync(APP, { recursive: true }) as string[]).map((path) => path.replaceAll('\\', '/'))
/** Of a page or a handler, with a number in place of whatever stands in its address that nobody has. */
const addressOf = (file: string) =>
  `/${file.replace(/(^|\/)(page\.tsx|route\.ts)$/, '').replace(/\[\w+\]/g, '01a211c0-e19f-705b-a140-3081076aadf1')}`

/** Open to everybody: the way in, whether the program is up, and what stands on a device in place of a page it does not have. */
const OPEN = new Set(['/sign-in', '/api/sign-in', '/api/sign-in/demo', '/api/health', '/api/health/live', '/not-here'])
/** Open to whoever holds a link that we made; tried in `afterwards.spec.ts` and `people.spec.ts`. */
const isLinked = (address: string) => /^\/(at-home|welcome|api\/welcome)\b/.test(address)

/** Every page that is behind the door. */
export const pages = files
  .filter((file) => file.endsWith('page.tsx'))
  .map(addressOf)
  .filter((address) => !OPEN.has(address) && !isLinked(address))

/** Every handler that is. */
export const handlers = files
  .filter((file) => file.endsWith('route.ts'))
  .flatMap((file) =>
    [
      ...readFileSync(join(APP, file), 'utf8').matchAll(
        /export (?:const|async function|function) (GET|POST|PUT|PATCH|DELETE)\b/g,
      ),
    ].map(([, method]) => ({ method: method!, address: addressOf(file) })),
  )
  .filter(({ address }) => !OPEN.has(address) && !isLinked(address))
