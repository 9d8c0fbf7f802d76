// Serves the built application in HITCHET_PROCESSES processes that share one port; each knows the others by the database alone.
import cluster from 'node:cluster'

const processes = Number(process.env.HITCHET_PROCESSES ?? 1)

/** Who ends so soon after it began would do so again, milliseconds. */
const TOO_SOON = 10_000

if (cluster.isPrimary && processes > 1) serveMany()
else await import('./answering.mjs')

/** One that ends by itself is begun again, and costs the others nothing; one that cannot begin ends all. */
function serveMany() {
  let ending = false
  const fork = () => {
    const began = Date.now()
    cluster.fork().once('exit', (code, signal) => {
      if (ending) return
      if (Date.now() - began < TOO_SOON) return endAll(1)
      console.error(`A process of Hitchet ended (${signal ?? code}); another takes its place.`)
      fork()
    })
  }
  const endAll = (code) => {
    ending = true
    process.exitCode = code
    for (const worker of Object.values(cluster.workers)) worker.process.kill('SIGTERM')
  }
  for (const signal of ['SIGTERM', 'SIGINT']) process.once(signal, () => endAll(0))
  for (let i = 0; i < processes; i++) fork()
}
