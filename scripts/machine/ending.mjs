import { Stop } from './places.mjs'
import { endAll, endSteps } from './processes.mjs'

/**
 * Runs a script's work and then all that was put on `atEnd`, last first, however the work ends: done,
 * failed, Ctrl-C or SIGTERM. A Stop is said in words; anything else is a fault of ours and shown whole.
 */
export async function withEnding(work) {
  const endings = []
  let cut = () => {}
  const cutShort = new Promise((_, reject) => (cut = () => reject(new Cut())))
  cutShort.catch(() => {})
  for (const name of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(name, cut)
  try {
    await Promise.race([work((ending) => endings.push(ending), cutShort), cutShort])
  } catch (failure) {
    if (failure instanceof Stop) console.error(failure.message)
    else if (!(failure instanceof Cut)) console.error(failure)
    if (failure instanceof Cut) await endSteps()
    else process.exitCode = 1
  }
  for (const ending of endings.reverse()) await ending()
  await endAll()
  process.exit()
}

class Cut extends Error {}
