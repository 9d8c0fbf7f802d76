import { isDeepStrictEqual } from 'node:util'
import { flawWords } from '@hitchet/core/formats/placeWords'
import { parseHousehold } from '@hitchet/core/formats/document'
import type { Household } from '@hitchet/core/household/household'
import { may } from '../auth/access'
import type { Account } from '../db/people/accounts'
import { Gone, StaleSave } from '../db/conflict'
import { addHousehold, householdById, saveHousehold } from '../db/households'
import { putBack, takeOut } from '../db/softDeleted'
import { flawed, Refused } from '../refused'
import { refreshInBackground } from './cache/answerCache'

/** Read as they are stored; what cannot be read, handed out whole or erased. */
export { everythingOf, latestHouseholds } from '../db/households'
export { eraseQuarantined, quarantinedDocument } from '../db/quarantined'
export { softDeletedBy } from '../db/softDeleted'
export { householdById }

export interface SavedHousehold {
  id: string
  version: number
}

/**
 * Saves a household that is not kept yet, under the id that its page chose: whoever got no answer sends it once more, and it
 * is there once. @throws Refused with every flaw in words; nothing is saved then.
 */
export async function startHousehold(id: string, source: unknown, by: string): Promise<SavedHousehold> {
  const household = read(source)
  if (await addHousehold(id, household, by)) {
    refreshInBackground({ household: id })
    return { id, version: 1 }
  }
  const before = await householdById(id)
  if (before && isDeepStrictEqual(before.household, JSON.parse(JSON.stringify(household))))
    return { id, version: before.version }
  throw before ? new StaleSave(before.household, before.version) : new Gone()
}

/** Saves over the version that was read. @throws Refused as above, StaleSave, Gone. */
export async function renewHousehold(
  id: string,
  version: number,
  source: unknown,
  by: string,
): Promise<SavedHousehold> {
  const kept = await saveHousehold(id, version, read(source), by)
  refreshInBackground({ household: id })
  return { id, version: kept.version }
}

/** @throws Refused who may not, Gone, StaleSave. */
export const takeOutHousehold = (id: string, version: number, { id: by, role }: Account): Promise<void> =>
  takeOut(id, {
    version,
    by,
    mayTakeOut(broughtBy) {
      if (broughtBy !== null && broughtBy !== by && !may(role, 'take out others’ families'))
        throw new Refused('A colleague brought this household: they or a manager may take it out.', [], 403)
    },
  })

/** @throws Gone when it is too late, Refused when one of its number was made anew meanwhile. */
export async function putHouseholdBack(id: string, { id: by }: Account): Promise<void> {
  if (await householdById(id)) throw new Refused('It is here already: nothing had to be put back.', [], 409)
  await putBack(id, by)
  refreshInBackground({ household: id })
}

function read(source: unknown): Household {
  const { document, flaws } = parseHousehold(source)
  if (!document) throw flawed(flaws.map((flaw) => flawWords(flaw, source)))
  return document
}
