import type { Phrase } from '../../quantity/phrase'
import type { TowRules } from './rules'

/** What the tongue may be of the loaded trailer. */
export type TongueShares = Pick<TowRules, 'tongueLeast' | 'tongueMost'>

/** A limit as it is told: `10 %`. */
export const limitText = (share: number): string => `${Number((share * 100).toFixed(1))} %`

/** Both limits: `10-15 %`. */
export const bothLimits = ({ tongueLeast, tongueMost }: TongueShares): string =>
  `${limitText(tongueLeast).slice(0, -2)}-${limitText(tongueMost)}`

/** To a tenth; what a tenth would hide beside a limit is said: `just over 15 %`. */
export function percent(share: number, { tongueLeast, tongueMost }: TongueShares): string {
  const tenths = (share * 100).toFixed(1)
  const limit = [tongueLeast, tongueMost].find((one) => (one * 100).toFixed(1) === tenths)
  if (limit === undefined || (share * 100).toFixed(2) === (limit * 100).toFixed(2)) return `${tenths} %`
  return `just ${share < limit ? 'under' : 'over'} ${limitText(limit)}`
}

/** `just over 15 %` says already that it is more. */
export const unlessSaid = (told: string, more: Phrase | string): Phrase | string =>
  told.startsWith('just') ? '' : more
