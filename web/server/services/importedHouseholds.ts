import { isDeepStrictEqual } from 'node:util'
import type { Transaction } from 'sequelize'
import type { Household } from '@hitchet/core/household/household'
import { inCommon, sameHousehold } from '@hitchet/core/household/same'
import type { Again, HouseholdReport, KnownHousehold } from '../../contracts/importing'
import { addHouseholds, householdsForUpdate, renewHouseholdIn, type KeptHousehold } from '../db/households'
import { quarantinedHouseholds, takenBack } from '../db/quarantined'

export interface BroughtHousehold {
  file: string
  household: Household
}

interface Brought extends HouseholdReport {
  /** Kept already and other than in the file: somebody has to say whether the file renews them. */
  known: KnownHousehold[]
}

/**
 * Households from files, each against those that are kept. While one is known and nobody has said what is to
 * become of it, none is written: `known` names them then.
 */
export async function bringHouseholds(
  brought: readonly BroughtHousehold[],
  { again, by }: { again: Again; by: string | null },
  transaction: Transaction,
): Promise<Brought> {
  const kept = brought.length ? await householdsForUpdate(transaction) : []
  const matched = brought.map((one) => ({ ...one, before: keptAs(one.household, kept) }))
  const changed = matched.filter(
    ({ before, household }) => before && !isDeepStrictEqual(plainOf(household), before.household),
  )
  const report: Brought = { known: [], added: [], renewed: [], unchanged: [] }
  if (again === 'ask' && changed.length)
    return {
      ...report,
      known: changed.map(({ file, household: { name }, before }) => ({ file, id: before!.id, name })),
    }
  const fresh =
    again === 'add'
      ? matched.filter((one) => !one.before || changed.includes(one))
      : matched.filter(({ before }) => !before)
  const ids = await addHouseholds(
    fresh.map(({ household }) => household),
    by,
    transaction,
    await ownIds(fresh, transaction),
  )
  report.added = fresh.map(({ household: { name } }, i) => ({ id: ids[i]!, name }))
  for (const one of matched) {
    if (!one.before || fresh.includes(one)) continue
    const { id } = one.before
    const renews = changed.includes(one)
    if (renews) await renewHouseholdIn(id, one.household, by, transaction)
    report[renews ? 'renewed' : 'unchanged'].push({ id, name: one.household.name })
  }
  return report
}

/**
 * One that was put aside and is brought in again, mended, is itself: by the id it had, under which its contact, its pages and
 * its links are kept. Of several of its name the one whose record names most of its people.
 */
async function ownIds(fresh: readonly BroughtHousehold[], transaction: Transaction): Promise<(string | undefined)[]> {
  const ids: (string | undefined)[] = []
  for (const { household } of fresh) {
    const aside = await quarantinedHouseholds(household.name, transaction)
    const named = ({ document }: { document: string }) =>
      household.people.filter(({ name }) => document.includes(JSON.stringify(name))).length
    const [own] = aside.sort((a, b) => named(b) - named(a))
    if (own) await takenBack(own.id, transaction)
    ids.push(own?.id)
  }
  return ids
}

/** The kept household that a document speaks of: of several the one with most people in common, last touched first. */
function keptAs(household: Household, kept: readonly KeptHousehold[]): KeptHousehold | undefined {
  const same = kept.filter((one) => sameHousehold(one.household, household))
  return same.sort((a, b) => inCommon(household, b.household) - inCommon(household, a.household))[0]
}

/** As it would come back out of the database: without what is undefined. */
const plainOf = (household: Household): unknown => JSON.parse(JSON.stringify(household))
