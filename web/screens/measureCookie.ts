import { cookies } from 'next/headers'
import type { MeasureSystem } from '@hitchet/core/quantity/format'

export const MEASURES_COOKIE = 'measures'

/** What this browser reads in; US unless it chose metric. */
export async function measureSystem(): Promise<MeasureSystem> {
  return (await cookies()).get(MEASURES_COOKIE)?.value === 'metric' ? 'metric' : 'us'
}
