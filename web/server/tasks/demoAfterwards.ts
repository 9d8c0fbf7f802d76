import { v5 as named } from 'uuid'
import type { Contact } from '@hitchet/core/household/contact'
import type { Account } from '../db/people/accounts'
import { allHouseholds } from '../db/households'
import { comeBackTo, noteContact, noteOutcome } from '../services/afterwards'
import { handOut, LASTS } from '../services/takeHomes'
import { today } from '../today'

const NAMESPACE = '6f1d5f2e-6c1b-5a39-9c57-0f5d4c3b2a11'

const REACHED: readonly { household: RegExp; contact: Contact }[] = [
  {
    household: /Okoro/,
    contact: { name: 'Lina', email: 'lina@okoro-lindt.example', phone: '555 010 4471', by: 'email' },
  },
  { household: /Vossberg/, contact: { name: 'Henk', phone: '555 010 2290', by: 'phone' } },
  { household: /Salka/, contact: { name: 'Salka', email: 'salka@post.example', by: 'email' } },
]

/** Days from the day on which the demo is loaded. */
const DUE: readonly { household: RegExp; in: number; why: string }[] = [
  { household: /Vossberg/, in: 0, why: 'payload read off the door label?' },
  { household: /Salka/, in: -2, why: 'wanted to sleep a night over T-121' },
  { household: /Okoro/, in: 4, why: 'second look at T-118, with the grandmother' },
]

const TAKEN: readonly { household: RegExp; stocks: string[] }[] = [
  { household: /Okoro/, stocks: ['T-118'] },
  { household: /Okoro/, stocks: ['T-118', 'T-143'] },
]

/** What came after the meetings of the demo, through the same doors as anybody's. */
export async function loadAfterwards(account: Account): Promise<void> {
  const households = await allHouseholds()
  const idOf = (name: RegExp) => {
    const found = households.find(({ household }) => name.test(household.name))
    if (!found) throw new Error(`The demo has no ${name}`)
    return found.id
  }
  const id = (of: string) => named(of, NAMESPACE)
  for (const { household, contact } of REACHED) await noteContact(idOf(household), 0, contact, account.id)
  for (const { household, in: days, why } of DUE)
    await comeBackTo(idOf(household), { id: id(why), dueOn: today(days), why }, account.id)
  for (const { household, stocks } of TAKEN)
    await handOut({ id: id(stocks.join()), householdId: idOf(household), stocks, days: LASTS.usual }, account)
  await noteOutcome(idOf(/Underhay/), { kind: 'bought', stock: 'T-103', why: 'that is all we need' })
}
