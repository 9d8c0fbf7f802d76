import { everybody, type Account } from '../../db/people/accounts'
import { failedPairs, openPairs } from '../../db/answers'
import { latestFaults, type Fault } from '../../db/faults'
import { failedUnits, staleCount, storedKey } from '../../db/facts'
import { latestEvents } from '../../db/people/houseEvents'
import type { SecondFactorOf } from '../../../contracts/secondFactor'
import { secondFactorOf } from '../../db/people/houseSettings'
import { openSessions } from '../../db/people/sessions'
import { allQuarantined, type Quarantined } from '../../db/quarantined'
import { houseRules } from '../../houseRules'
import { waitingJobs } from '../../jobs/pool'
import { cacheKey } from '../cache/cacheKey'

/** Work that goes on where nobody waits for it. */
export interface Work {
  name: string
  /** So much of it is left. */
  left: number
  /** Since when the oldest of it waits. */
  since?: Date
}

export interface OfficeView {
  people: (Account & { hasSecondFactor: boolean; sessions: number; since?: Date })[]
  /** Of whom a second factor is asked. */
  secondFactorOf: SecondFactorOf
  events: Awaited<ReturnType<typeof latestEvents>>
  work: Work[]
  /** What cannot be worked out as it is, by unit: for everybody, or for so many households. */
  failed: { stock: string; households?: number; kind: string }[]
  faults: Fault[]
  setAside: Quarantined[]
}

/** So many of what failed lately. */
const FAULTS = 30
/** So many units that cannot be worked out for somebody. */
const FAILED = 60
/** So much of what happened at the doors. */
const EVENTS = 60

/** Who is in, what runs, what failed, what could not be read. */
export async function officeView(): Promise<OfficeView> {
  const rules = houseRules()
  const [people, sessions, factorOf, events, facts, answers, units, pairs, faults, setAside] = await Promise.all([
    everybody(),
    openSessions(),
    secondFactorOf(),
    latestEvents(EVENTS),
    staleCount(storedKey(rules)),
    openPairs(cacheKey(rules)),
    failedUnits(storedKey(rules)),
    failedPairs(cacheKey(rules), FAILED),
    latestFaults(FAULTS),
    allQuarantined(),
  ])
  return {
    people: people.map((one) => {
      const open = sessions.get(one.id)
      return { ...one, sessions: open?.open ?? 0, ...(open && { since: open.since }) }
    }),
    work: [
      { name: 'Facts of units to be made', ...facts },
      { name: 'Answers to work out, one household on one unit each', ...answers },
      { name: 'Jobs waiting for a thread of this process', left: waitingJobs() },
    ],
    failed: [...units, ...pairs.filter(({ stock }) => !units.some((one) => one.stock === stock))],
    secondFactorOf: factorOf,
    events,
    faults,
    setAside,
  }
}
