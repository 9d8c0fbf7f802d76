import { createInterface } from 'node:readline'
import type { Account } from '../db/people/accounts'
import { StaleSave } from '../db/conflict'
import { disconnect } from '../db/database'
import { householdById } from '../db/households'
import { houseRules } from '../houseRules'
import { closePool } from '../jobs/pool'
import { renewHousehold } from '../services/households'
import { rankedYard, stopRefreshing } from '../services/cache/answerCache'
import { followHouseRules } from '../services/houseRules'
import { takeReading } from '../services/trailers'

/** What another process of the house is told to do: save a household's budget and a unit's weight, then rank. */
export interface Told {
  household: string
  budget: number
  stock: string
  uvw: number
}

const NELL: Account = {
  id: '01a211c0-e19f-705b-a140-3081076aadf2',
  name: 'Nell',
  email: 'n@lot.example',
  role: 'consultant',
}

/** Saves over whatever is the latest, as two people do who do not know of each other. */
export async function saveBoth({ household, budget, stock, uvw }: Told): Promise<void> {
  const weigh = takeReading(stock, { key: 'readings.uvw', text: String(uvw), source: 'measured' }, NELL, '2026-11-27')
  for (;;) {
    const kept = (await householdById(household))!
    const next = { ...kept.household, limits: { ...kept.household.limits, budget } }
    try {
      await renewHousehold(household, kept.version, next, NELL.id)
      break
    } catch (failure) {
      if (!(failure instanceof StaleSave)) throw failure
    }
  }
  await weigh
}

if (process.argv[1]?.endsWith('otherProcess.ts')) {
  await followHouseRules()
  for await (const line of createInterface({ input: process.stdin })) {
    const told = JSON.parse(line) as Told | { rank: string } | { rule: 'tightShare' }
    if ('rank' in told) console.log(JSON.stringify((await rankedYard(told.rank)).units))
    else if ('rule' in told) console.log(JSON.stringify(houseRules().price[told.rule]))
    else {
      await saveBoth(told)
      console.log('"saved"')
    }
  }
  await stopRefreshing()
  await closePool()
  await disconnect()
}
