import { QueryTypes } from 'sequelize'
import type { Role } from './accounts'
import { SECOND_FACTOR_OF, type SecondFactorOf } from '../../../contracts/secondFactor'
import { database } from '../database'

export const SECOND_FACTOR = 'second factor of'

export async function secondFactorOf(): Promise<SecondFactorOf> {
  const [row] = await database().query<{ value: string }>('SELECT value FROM house_settings WHERE name = :name', {
    type: QueryTypes.SELECT,
    replacements: { name: SECOND_FACTOR },
  })
  return SECOND_FACTOR_OF.find((one) => one === row?.value) ?? 'nobody'
}

export const askSecondFactorOf = (value: SecondFactorOf): Promise<unknown> =>
  database().query('REPLACE INTO house_settings (name, value) VALUES (:name, :value)', {
    type: QueryTypes.RAW,
    replacements: { name: SECOND_FACTOR, value },
  })

export const isAskedOf = (whom: string | null, role: Role): boolean =>
  whom === 'everybody' || (whom === 'managers' && role === 'manager')
