import type { Household } from '@hitchet/core/household/household'
import type { MeasureSystem } from '@hitchet/core/quantity/format'
import type { TakeHome } from '@hitchet/core/takehome/takeHome'
import type { PaperSize } from '../../contracts/paper'
import { idOfLink, linkToken } from '../auth/linkToken'
import type { Account } from '../db/people/accounts'
import { householdById } from '../db/households'
import { addTakeHome, countVisit, openDocument, takeHomeDocument, takeHomesOf, type HandedPage } from '../db/takeHomes'
import { stocksAsKept, trailersByStock } from '../db/trailers'
import { houseRules } from '../houseRules'
import { madeOnPaper } from '../jobs/paper'
import { inWorker } from '../jobs/pool'
import { yardFacts } from './cache/facts'
import { Refused } from '../refused'
import { settings } from '../settings'
import { today } from '../today'

export { withdrawTakeHome } from '../db/takeHomes'

/** So many strips a page holds. */
export const MOST_UNITS = 4
/** So long a link works at the most and at the least, days. */
export const LASTS = { least: 1, most: 90, usual: 30 }

const DAY_MS = 24 * 60 * 60 * 1000

/** A page that was handed out, with the address of its link on this server. */
export interface ListedPage extends HandedPage {
  path: string
  /** Whether its link works now. */
  open: boolean
}

/**
 * Writes down what a household takes home of some units, as it stands now, and makes the link to it. `id` is made by whoever
 * asks, so that a second try is not a second page. @throws Refused.
 */
export async function handOut(
  { id, householdId, stocks, days }: { id: string; householdId: string; stocks: readonly string[]; days: number },
  account: Account,
): Promise<{ path: string }> {
  const [kept, named] = await Promise.all([householdById(householdId), stocksAsKept(stocks)])
  if (!kept) throw new Refused('No household of that number.', [], 404)
  if (named.missing.length) throw new Refused('Nothing was made.', [`Not on the lot: ${named.missing.join(', ')}.`])
  const found = await trailersByStock(named.kept)
  const document = await written(found, kept.household, account)
  const expiresAt = new Date(Date.now() + days * DAY_MS)
  await addTakeHome({ id, householdId, stocks: named.kept, document, madeBy: account.id, expiresAt })
  return { path: pathOf(id) }
}

async function written(
  found: Awaited<ReturnType<typeof trailersByStock>>,
  household: Household,
  { name }: Account,
): Promise<string> {
  const rules = houseRules()
  const facts = await Promise.all(found.map(({ id }) => yardFacts(rules, id)))
  const units = found.flatMap(({ trailer }, i) => facts[i]!.map((one) => ({ trailer, facts: one.facts })))
  // A unit that is changed all the while has no facts for a moment.
  if (units.length < found.length) throw new Refused('Nothing was made: a unit is being changed. Try again.', [], 409)
  const handedOut = { on: today(), by: name, dealership: settings().dealership }
  return inWorker('takeHomes', { units, household, rules, handedOut })
}

/** A household's pages, the latest first. */
export async function pagesOf(householdId: string): Promise<ListedPage[]> {
  const now = Date.now()
  return (await takeHomesOf(householdId)).map((page) => ({
    ...page,
    path: pathOf(page.id),
    open: !page.withdrawnAt && page.expiresAt.valueOf() > now,
  }))
}

const pathOf = (id: string): string => `/at-home/${linkToken(id)}`

/** What a link leads to; undefined when it was guessed, has expired or was withdrawn: nobody is told which. */
export async function behindLink(token: string): Promise<{ id: string; taken: TakeHome } | undefined> {
  const id = idOfLink(token)
  const document = id && (await openDocument(id))
  return document ? { id, taken: JSON.parse(document) as TakeHome } : undefined
}

/** Somebody looked at what it leads to. */
export async function visitLink(token: string): Promise<void> {
  const id = idOfLink(token)
  if (id) await countVisit(id)
}

/** A page as a PDF, for those who are signed in. @throws Refused. */
export async function paperOf(id: string, size: PaperSize, system: MeasureSystem): Promise<Response> {
  const document = await takeHomeDocument(id)
  if (!document) throw new Refused('No page of that number.', [], 404)
  return paperResponse(id, JSON.parse(document) as TakeHome, size, system)
}

/** The same for who holds the link. @throws Refused. */
export async function paperBehindLink(token: string, size: PaperSize, system: MeasureSystem): Promise<Response> {
  const behind = await behindLink(token)
  if (!behind) throw new Refused('This link does not work any more. Ask who gave it to you for another.', [], 404)
  return paperResponse(behind.id, behind.taken, size, system)
}

async function paperResponse(id: string, taken: TakeHome, size: PaperSize, system: MeasureSystem): Promise<Response> {
  const bytes = await madeOnPaper(id, { taken, size, system })
  const name = `${taken.units.map(({ stock }) => stock).join('-')}-${taken.on}`.replace(/[^A-Za-z0-9-]+/g, '-')
  return new Response(new Uint8Array(bytes), {
    headers: {
      'content-type': 'application/pdf',
      'content-disposition': `inline; filename="${name}.pdf"`,
      'cache-control': 'private, no-store',
      'x-robots-tag': 'noindex, nofollow',
    },
  })
}
