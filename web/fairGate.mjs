import { createHash } from 'node:crypto'

/**
 * Turns for those who ask: while others have something under way, of one person only so many things are answered at once; who is
 * alone may have more. So many more wait, and what others ask is not behind them.
 */
export class FairGate {
  /** @type {Map<string, { running: number, waiting: (() => void)[] }>} */
  #people = new Map()

  /** @param {{ among: number, alone: number, waiting: number }} most */
  constructor({ among, alone, waiting }) {
    this.among = among
    this.alone = alone
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
    if (own.waiting.length >= this.waiting) return undefined
    this.#people.set(person, own)
    const start = () => {
      own.running += 1
      begin(this.#turnOf(own))
    }
    own.waiting.push(start)
    this.#fill()
    return () => {
      const at = own.waiting.indexOf(start)
      if (at >= 0) own.waiting.splice(at, 1)
      this.#fill()
    }
  }

  /** How many people have something under way. */
  get size() {
    return this.#people.size
  }

  #turnOf(own) {
    let isOver = false
    return () => {
      if (isOver) return
      isOver = true
      own.running -= 1
      this.#fill()
    }
  }

  /** Whoever may have more begins; whoever has nothing any more is forgotten. */
  #fill() {
    for (const [person, { running, waiting }] of this.#people)
      if (running + waiting.length === 0) this.#people.delete(person)
    const most = this.#people.size > 1 ? this.among : this.alone
    for (const own of this.#people.values()) while (own.running < most && own.waiting.length) own.waiting.shift()()
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
