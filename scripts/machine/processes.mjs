import { spawn } from 'node:child_process'
import { existsSync, readFileSync } from 'node:fs'
import { createServer } from 'node:net'
import { ROOT, Stop } from './places.mjs'

/**
 * Runs a command to its end, its output shown on stderr; a failure stops everything. `input` is what somebody would type. Cut short
 * it ends like whatever else we started.
 *
 * @param {string} command
 * @param {string[]} args
 * @param {{ cwd?: string, env?: Record<string, string | undefined>, quiet?: boolean, input?: string }} [how]
 */
export async function run(command, args, { cwd = ROOT, env = {}, quiet = false, input } = {}) {
  const outer = quiet ? 'pipe' : 'inherit'
  const child = start(command, args, {
    cwd,
    env: { ...process.env, ...env },
    stdio: [input === undefined ? 'ignore' : 'pipe', quiet ? 'pipe' : process.stderr, outer],
  })
  steps.add(child)
  const said = { stdout: '', stderr: '' }
  for (const name of /** @type {const} */ (['stdout', 'stderr']))
    child[name]?.setEncoding('utf8').on('data', (part) => (said[name] += part))
  child.stdin?.end(input)
  const status = await child.closed
  if (status !== 0)
    throw new Stop(
      `${[command, ...args].join(' ')} failed with code ${status}.${quiet ? `\n${said.stdout}${said.stderr}` : ''}`,
    )
  return said.stdout
}

/** Runs a command to its end before the person’s eyes; its code. */
export async function show(command, args, env = {}) {
  const child = start(command, args, {
    cwd: ROOT,
    stdio: ['ignore', 'inherit', 'inherit'],
    env: { ...process.env, ...env },
  })
  steps.add(child)
  return (await child.closed) ?? 1
}

/** Runs a command to its end beside others; what it said is shown whole once it is through; its code. */
export async function showAfter(command, args, env = {}) {
  const child = start(command, args, {
    cwd: ROOT,
    stdio: ['ignore', 'pipe', 'pipe'],
    env: { ...process.env, ...env },
  })
  steps.add(child)
  let said = ''
  for (const stream of [child.stdout, child.stderr]) stream.setEncoding('utf8').on('data', (part) => (said += part))
  const code = (await child.closed) ?? 1
  process.stdout.write(said)
  return code
}

const running = new Set()
/** What is run to its end, and nothing of ours hangs on. */
const steps = new WeakSet()
let over = false

/** Starts a process in a group of its own, so that Ctrl-C reaches us first and we stop things in order. */
export function start(command, args, options) {
  if (over) throw new Stop(`${command} is not started any more.`)
  const child = spawn(command, args, { ...options, detached: true })
  const ended = new Promise((resolve) => child.once('exit', resolve))
  /** Once all that it said has been read: its code, null when a signal ended it. @type {Promise<number | null>} */
  const closed = new Promise((resolve, reject) => {
    child.once('close', resolve)
    child.once('error', (failure) => reject(new Stop(`${command} cannot be started: ${failure.message}`)))
  })
  // Whoever waits for it hears of it.
  closed.catch(() => {})
  const process = Object.assign(child, { ended, closed })
  running.add(process)
  void ended.then(() => running.delete(process))
  return process
}

/** So long whatever runs may take to end once we are cut short, ms. */
const LAST = 4_000

/** Stops the step that is under way, before what it works with; nothing starts after that. */
export async function endSteps() {
  over = true
  await Promise.all([...running].filter((process) => steps.has(process)).map((process) => stop(process, LAST)))
}

/** Stops whatever still runs, also what was being started when we were cut short; nothing starts after that. */
export async function endAll() {
  over = true
  await Promise.all([...running].map((process) => stop(process, LAST)))
}

/** Asks a process of ours to end, waits, and insists after a while. */
export async function stop(child, patience = 10_000) {
  if (child.exitCode !== null || child.signalCode !== null) return
  signal(child.pid, 'SIGTERM')
  const late = setTimeout(() => signal(child.pid, 'SIGKILL'), patience)
  await child.ended
  clearTimeout(late)
}

/** Ends a process left over from a run that was killed: only when its command line still names `sign`. */
export async function stopLeftover(pid, sign) {
  if (!isAlive(pid) || !commandLine(pid).includes(sign)) return
  signal(pid, 'SIGTERM')
  for (let i = 0; i < 100 && isAlive(pid); i++) await new Promise((resolve) => setTimeout(resolve, 100))
  if (isAlive(pid)) signal(pid, 'SIGKILL')
}

export function isAlive(pid) {
  try {
    process.kill(pid, 0)
    return !/\) Z /.test(readFileSync(`/proc/${pid}/stat`, 'utf8'))
  } catch {
    return false
  }
}

/** A port nobody listens on: the preferred one when it is free. */
export async function freePort(preferred = 0) {
  const port = await tryPort(preferred)
  return port ?? (await tryPort(0))
}

/** Waits until `ready` resolves to something true, or the process has ended. */
export async function waitFor(ready, child, what, seconds = 60) {
  const until = Date.now() + seconds * 1000
  while (Date.now() < until) {
    if (await ready()) return
    if (child.exitCode !== null || child.signalCode !== null) throw new Stop(`${what} ended before it was ready.`)
    await new Promise((resolve) => setTimeout(resolve, 100))
  }
  throw new Stop(`${what} was not ready after ${seconds} s.`)
}

function signal(pid, name) {
  for (const target of [-pid, pid]) {
    try {
      process.kill(target, name)
      return
    } catch {
      // No group of that number, or gone already.
    }
  }
}

function commandLine(pid) {
  const file = `/proc/${pid}/cmdline`
  return existsSync(file) ? readFileSync(file, 'utf8') : ''
}

function tryPort(port) {
  return new Promise((resolve) => {
    const server = createServer()
    server.once('error', () => resolve(undefined))
    server.listen(port, '127.0.0.1', () => {
      const address = server.address()
      server.close(() => resolve(typeof address === 'object' ? address?.port : undefined))
    })
  })
}
