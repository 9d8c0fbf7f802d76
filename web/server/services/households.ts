import { flawWords } from '@hitchet/core/formats/placeWords'
import { parseHousehold } from '@hitchet/core/formats/document'
import type { Household } from '@hitchet/core/household/household'
import { inTransaction } from '../db/database'
import { addHouseholds, saveHousehold } from '../db/households'
import { flawed } from '../refused'
import { keepUp } from './kept'

export interface SavedHousehold {
  id: string
  version: number
}

/** Saves a household that is not kept yet. @throws Refused with every flaw in words; nothing is saved then. */
export async function startHousehold(source: unknown, by: string): Promise<SavedHousehold> {
  const household = read(source)
  const [id] = await inTransaction((transaction) => addHouseholds([household], by, transaction))
  keepUp({ household: id! })
  return { id: id!, version: 1 }
}

/** Saves over the version that was read. @throws Refused as above, StaleSave, Gone. */
export async function renewHousehold(
  id: string,
  version: number,
  source: unknown,
  by: string,
): Promise<SavedHousehold> {
  const kept = await saveHousehold(id, version, read(source), by)
  keepUp({ household: id })
  return { id, version: kept.version }
}

function read(source: unknown): Household {
  const { document, flaws } = parseHousehold(source)
  if (!document) throw flawed(flaws.map((flaw) => flawWords(flaw, source)))
  return document
}
