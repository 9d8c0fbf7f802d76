import { randomUUID } from 'node:crypto'
import type { Headers } from './people'

/** Somebody at work: their household, and the stock numbers of the lot. */
export interface Person {
  number: number
  headers: Headers
  household: { id: string; version: number; document: { limits: { budget?: number } } }
  stocks: readonly string[]
  /** Pages that they handed out. */
  pages: string[]
}

export interface Does {
  address: string
  person: Person
  /** Between 0 and 1. */
  random(): number
}

/** How one thing that people do was answered. */
export interface Answered {
  status: number
  body: string
}

type Action = (does: Does) => Promise<Answered>

const get = async ({ address, person }: Does, path: string): Promise<Answered> => {
  const response = await fetch(address + path, { headers: person.headers })
  return { status: response.status, body: await response.text() }
}

const send = async ({ address, person }: Does, method: string, path: string, body: object): Promise<Answered> => {
  const response = await fetch(address + path, { method, headers: person.headers, body: JSON.stringify(body) })
  return { status: response.status, body: await response.text() }
}

async function handOut(does: Does): Promise<Answered> {
  const id = randomUUID()
  const { household, pages } = does.person
  const body = { id, stocks: [stockOf(does)], days: 30 }
  const answered = await send(does, 'POST', `/api/households/${household.id}/take-homes`, body)
  if (answered.status === 200) pages.push(id)
  return answered
}

const stockOf = ({ person: { stocks }, random }: Does): string => stocks[Math.floor(random() * stocks.length)]!

/** What people do with the program. */
export const ACTIONS = {
  desk: (does) => get(does, '/'),
  yard: (does) => get(does, `/households/${does.person.household.id}/yard`),
  match: (does) => get(does, `/households/${does.person.household.id}/match`),
  unit: (does) => get(does, `/households/${does.person.household.id}/units/${stockOf(does)}`),
  compare: (does) => get(does, `/households/${does.person.household.id}/compare`),
  interview: (does) => get(does, `/households/${does.person.household.id}`),
  tape: (does) => get(does, `/yard/${stockOf(does)}/tape`),
  async save(does) {
    const { household } = does.person
    household.document.limits.budget = 20_000 + Math.round(60_000 * does.random())
    const { id, version, document } = household
    const answered = await send(does, 'PUT', `/api/households/${id}`, { version, household: document })
    if (answered.status === 200) household.version = (JSON.parse(answered.body) as { version: number }).version
    return answered
  },
  note(does) {
    const event = {
      id: randomUUID(),
      stock: stockOf(does),
      household: does.person.household.id,
      about: 'the galley',
      at: new Date().toISOString(),
      what: { kind: 'shown', point: 'galley' },
    }
    return send(does, 'POST', '/api/walk-events', { events: [event] })
  },
  handOut,
  /** Of a page that nobody had made into a document yet, unless they have handed out none. */
  async paper(does) {
    const page = does.person.pages.shift()
    return page ? get(does, `/api/take-homes/${page}/paper/letter`) : handOut(does)
  },
  household(does) {
    const { document } = does.person.household
    return send(does, 'POST', '/api/households', { id: randomUUID(), household: document })
  },
} satisfies Record<string, Action>

export type ActionName = keyof typeof ACTIONS
