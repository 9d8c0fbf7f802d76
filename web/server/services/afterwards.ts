import { ValidationError, type Schema } from 'yup'
import { contactSchema, type Contact } from '@hitchet/core/household/contact'
import { outcomeSchema, type Outcome } from '@hitchet/core/household/outcome'
import { saveContact, type KeptContact } from '../db/contacts'
import { addFollowUp } from '../db/followUps'
import { endHousehold, householdById } from '../db/households'
import { refreshInBackground } from './cache/answerCache'
import { stocksAsKept } from '../db/trailers'
import { flawed, Refused } from '../refused'

/** Read, and ticked off, as they are stored. */
export { contactOf } from '../db/contacts'
export { followUpsOf, openFollowUps, setDone } from '../db/followUps'

/** Notes how a household is reached. @throws Refused with each field that is not right, StaleSave. */
export async function noteContact(
  householdId: string,
  version: number,
  source: unknown,
  by: string,
): Promise<KeptContact> {
  const contact = read<Contact>(contactSchema, withoutEmpty(source))
  await mustBe(householdId)
  return saveContact(householdId, version, contact, by)
}

/** A day to come back to a household, and why. @throws Refused. */
export async function comeBackTo(
  householdId: string,
  { id, dueOn, why }: { id: string; dueOn: string; why: string },
  by: string,
): Promise<void> {
  await mustBe(householdId)
  await addFollowUp({ id, householdId, dueOn, why: why.trim(), madeBy: by })
}

/** How it ended; null: it goes on. @throws Refused when what was bought is no unit of the lot, Gone. */
export async function noteOutcome(householdId: string, source: unknown): Promise<void> {
  if (source === null) {
    await endHousehold(householdId, null)
    return refreshInBackground({ household: householdId })
  }
  const outcome = read<Outcome>(outcomeSchema, withoutEmpty(source))
  if (outcome.stock === undefined) return endHousehold(householdId, outcome)
  const [stock] = (await stocksAsKept([outcome.stock])).kept
  if (!stock) throw flawed([`Unit bought: found “${outcome.stock}”; right would be a stock number of the lot`])
  await endHousehold(householdId, { ...outcome, stock })
}

async function mustBe(householdId: string): Promise<void> {
  if (!(await householdById(householdId))) throw new Refused('No household of that number.', [], 404)
}

function read<T>(schema: Schema<T>, source: unknown): T {
  try {
    return schema.validateSync(source, { abortEarly: false, strict: true })
  } catch (failure) {
    if (!(failure instanceof ValidationError)) throw failure
    const each = failure.inner.length ? failure.inner : [failure]
    throw flawed(each.map(({ path, value, message }) => `${path}: found “${String(value)}”; right would be ${message}`))
  }
}

/** An empty field of a form is a figure that nobody gave. */
const withoutEmpty = (source: unknown): unknown =>
  typeof source === 'object' && source !== null
    ? Object.fromEntries(
        Object.entries(source)
          .map(([key, value]: [string, unknown]) => [key, typeof value === 'string' ? value.trim() : value] as const)
          .filter(([, value]) => value !== '' && value !== undefined),
      )
    : source
