// Loaded into the server that is measured: how long its answering thread was busy with something else, and how much it holds.
import { writeFileSync } from 'node:fs'
import { monitorEventLoopDelay } from 'node:perf_hooks'
import { isMainThread } from 'node:worker_threads'

if (isMainThread && process.env.HITCHET_LOOP_DELAY) {
  const delay = monitorEventLoopDelay({ resolution: 5 })
  delay.enable()
  let most = 0
  setInterval(() => {
    most = Math.max(most, process.memoryUsage.rss())
    const ms = (nanoseconds) => Math.round(nanoseconds / 1e5) / 10
    const told = { p99Ms: ms(delay.percentile(99)), maxMs: ms(delay.max), rssMB: Math.round(most / 2 ** 20) }
    writeFileSync(`${process.env.HITCHET_LOOP_DELAY}.${process.pid}`, JSON.stringify(told))
  }, 500).unref()
  // A measurement begins: what was before does not count.
  process.on('SIGUSR2', () => delay.reset())
}
