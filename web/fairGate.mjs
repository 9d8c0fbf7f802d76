import { createHash } from 'node:crypto'

/**
 * Turns for those who ask: of one person only so many things are answered at once, and so many more wait; what others ask is
 * not behind them.
 */
export class FairGate {
  /** @type {Map<string, { running: number, waiting: (() => void)[] }>} */
  #people = new Map()

  /** @param {{ atOnce: number, waiting: number }} most */
  constructor({ atOnce, waiting }) {
    this.atOnce = atOnce
    this.waiting = waiting
  }

  /**
   * Calls `begin` when it is their turn, with what to call once it is answered. What is handed back takes whoever left out of the
   * queue; undefined: they have too much under way already.
   *
   * @param {string} person
   * @param {(done: () => void) => void} begin
   * @returns {(() => void) | undefined}
   */
  enter(person, begin) {
    const own = this.#people.get(person) ?? { running: 0, waiting: [] }
    this.#people.set(person, own)
    if (own.running < this.atOnce) {
      own.running += 1
      begin(this.#turn(person, own))
      return () => {}
    }
    if (own.waiting.length >= this.waiting) return undefined
    const start = () => begin(this.#turn(person, own))
    own.waiting.push(start)
    return () => {
      const at = own.waiting.indexOf(start)
      if (at >= 0) own.waiting.splice(at, 1)
    }
  }

  /** How many people have something under way. */
  get size() {
    return this.#people.size
  }

  #turn(person, own) {
    let isOver = false
    return () => {
      if (isOver) return
      isOver = true
      const next = own.waiting.shift()
      if (next) return next()
      own.running -= 1
      if (own.running === 0) this.#people.delete(person)
    }
  }
}

/** What costs next to nothing, and comes by dozens with one page. */
const LIGHT = /^\/(_next\/static|_next\/image|api\/strips|api\/health|icon\.svg|service-worker\.js)/

export const isLight = (url) => LIGHT.test(url)

/**
 * What a request waits behind of its person's own.
 *
 * @param {import('node:http').IncomingMessage} request
 */
export function gateOf({ method, headers }) {
  if (headers['next-router-prefetch'] || /prefetch/.test(String(headers['sec-purpose'] ?? headers.purpose ?? '')))
    return 'ahead'
  return method === 'GET' || method === 'HEAD' ? 'looks' : 'saves'
}

/**
 * Whose request it is, as far as turns go: by their session. Undefined for strangers, of whom many may come from one address:
 * what is open to them costs little.
 *
 * @param {import('node:http').IncomingMessage} request
 */
export function personOf({ headers }) {
  const session = /(?:^|;\s*)(?:__Host-)?hitchet=([^;]+)/.exec(headers.cookie ?? '')?.[1]
  return session && createHash('sha256').update(session).digest('base64url')
}
