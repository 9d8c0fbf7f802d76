import { createHash } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { oncePer } from '@hitchet/core/memory/remembered'
import type { HouseRules } from '@hitchet/core/rules/houseRules'
import { storedKey } from '../../db/facts'
import { JOBS_FOLDER } from '../../jobs/pool'

/**
 * By what answers were made: the facts' key, every rule of the house, and the program that answers, known by its own text.
 * Nobody has to remember to raise a number when a question changes.
 */
export const cacheKey = oncePer((rules: HouseRules): string => {
  program ??= createHash('sha256')
    .update(readFileSync(`${JOBS_FOLDER()}/worker.mjs`))
    .digest('hex')
  return createHash('sha256')
    .update(`${program} ${storedKey(rules)} ${JSON.stringify(rules)}`)
    .digest('hex')
})

let program: string | undefined
