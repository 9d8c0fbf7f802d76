import { createHash } from 'node:crypto'

/** Who has so many things waiting in one gate works through a pile: what others ask goes before it, for so long, milliseconds. */
const PILE = 3
const PAUSE = 1_000

/** Whoever asked for something so lately is here, milliseconds. */
const HERE = 10_000

/** Who is here, and what is being answered to whom: what all gates of a process know together. */
export class House {
  /** When somebody asked last, by a clock that only goes forward. @type {Map<string, number>} */
  #asked = new Map()
  /** @type {Map<string, number>} */
  #running = new Map()
  /** @type {FairGate[]} */
  gates = []

  constructor(now = () => performance.now()) {
    this.now = now
  }

  asks(person) {
    const now = this.now()
    this.#asked.delete(person)
    this.#asked.set(person, now)
    for (const [one, at] of this.#asked) {
      if (at > now - HERE) break
      this.#asked.delete(one)
    }
  }

  begins(person) {
    this.#running.set(person, (this.#running.get(person) ?? 0) + 1)
  }

  ends(person) {
    const left = (this.#running.get(person) ?? 0) - 1
    if (left > 0) this.#running.set(person, left)
    else this.#running.delete(person)
    for (const gate of this.gates) gate.fill()
  }

  /** Whether anybody else asked for something of late. */
  isAlone(person) {
    for (const [one, at] of this.#asked) if (one !== person && at > this.now() - HERE) return false
    return true
  }

  /** Whether something is being answered to anybody else. */
  answersOthers(person) {
    return this.#running.size > (this.#running.has(person) ? 1 : 0)
  }
}

/**
 * Turns for those who ask: while others are here, of one person only so many things are answered at once; who is alone may have
 * more. So many more wait, and what others ask is not behind them. Of all people together no more are answered at once than `all`:
 * ten pages that are drawn side by side all come as late as the last.
 */
export class FairGate {
  /** With when their last turn began. @type {Map<string, { running: number, waiting: (() => void)[], began: number }>} */
  #people = new Map()
  #running = 0
  /** @type {NodeJS.Timeout | undefined} */
  #later

  /**
   * @param {{ among: number, alone: number, waiting: number, all?: number }} most
   * @param {House} house
   */
  constructor({ among, alone, waiting, all = Infinity }, house = new House()) {
    this.all = all
    this.among = among
    this.alone = alone
    this.waiting = waiting
    this.house = house
    house.gates.push(this)
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
    const own = this.#people.get(person) ?? { running: 0, waiting: [], began: -Infinity }
    if (own.waiting.length >= this.waiting) return undefined
    this.#people.set(person, own)
    this.house.asks(person)
    const start = () => {
      own.running += 1
      own.began = this.house.now()
      this.#running += 1
      this.house.begins(person)
      begin(this.#turnOf(person, own))
    }
    own.waiting.push(start)
    this.fill()
    return () => {
      const at = own.waiting.indexOf(start)
      if (at >= 0) own.waiting.splice(at, 1)
      this.fill()
    }
  }

  /** How many people have something under way. */
  get size() {
    return this.#people.size
  }

  /** Whoever may have more begins; whoever has nothing any more is forgotten. */
  fill() {
    for (const [person, { running, waiting }] of this.#people)
      if (running + waiting.length === 0) this.#people.delete(person)
    while (this.#running < this.all) {
      const next = this.#next()
      if (!next) return
      next()
    }
  }

  #turnOf(person, own) {
    let isOver = false
    return () => {
      if (isOver) return
      isOver = true
      own.running -= 1
      this.#running -= 1
      this.house.ends(person)
    }
  }

  /** What begins next: of whoever had no turn for the longest. A pile waits while something is being answered to anybody else. */
  #next() {
    let next
    for (const [person, own] of this.#people) {
      if (own.waiting.length === 0 || (next && next.began <= own.began)) continue
      if (own.running >= (this.house.isAlone(person) ? this.alone : this.among)) continue
      if (own.waiting.length > PILE && this.house.answersOthers(person) && this.house.now() < own.began + PAUSE) {
        this.#lookAgain()
        continue
      }
      next = own
    }
    return next?.waiting.shift()
  }

  #lookAgain() {
    this.#later ??= setTimeout(() => {
      this.#later = undefined
      this.fill()
    }, PAUSE).unref()
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
export function gateOf({ method, url = '', headers }) {
  if (headers['next-router-prefetch'] || /prefetch/.test(String(headers['sec-purpose'] ?? headers.purpose ?? '')))
    return 'ahead'
  if (method !== 'GET' && method !== 'HEAD') return 'saves'
  return url.startsWith('/api/') ? 'asks' : 'looks'
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
