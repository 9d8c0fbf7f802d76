import { FEATURES, type FeatureId } from '../features/catalogue'
import type { Feature, Place } from '../features/feature'
import { WISHABLE } from '../household/wishes/featureWishes'
import type { Subject } from '../household/wishes/reaction'
import { STANCE_IDS, type StanceId } from '../household/wishes/stances'
import { best } from '../readings/reading'
import type { Trailer } from '../trailer/trailer'
import { stationOf } from './stations'

/** Where on the walk people say what they think of it. */
const STANCE_AT: Record<StanceId, Place> = {
  tub: 'bath',
  bunks: 'bunks',
  secondBath: 'bath',
  outsideKitchen: 'door',
  secondDoor: 'door',
  roadAccess: 'entry',
  noSlide: 'living',
  oven: 'kitchen',
  compressorFridge: 'kitchen',
  gasElectricFridge: 'kitchen',
  powerStabilizers: 'under',
  largeCylinders: 'hitch',
  jackknifeSofa: 'living',
  triFoldSofa: 'living',
  theaterSeats: 'living',
  glassShower: 'bath',
  centralTv: 'living',
  solarPort: 'door',
  onDemandHeater: 'off-door',
}

/**
 * What one may ask people about at a station: whatever is argued about there, also where this unit has none, and of the
 * catalogue what this unit has.
 */
export function subjectsAt(station: string, { plan, features = {} }: Trailer): Subject[] {
  const stances = STANCE_IDS.filter((id) => (stationOf(STANCE_AT[id], plan) ?? 'living') === station)
  const has = (Object.keys(features) as FeatureId[]).flatMap((feature): Subject[] => {
    const { place }: Feature = FEATURES[feature]
    const told = best(features[feature])?.value
    if (stationOf(place, plan) !== station || told === undefined || told === false || told === 'none') return []
    const is = typeof told === 'string' ? told : undefined
    const wishable = WISHABLE.some((one) => one.feature === feature && one.is === is)
    return wishable ? [{ feature, ...(is !== undefined && { is }) }] : []
  })
  return [...stances.map((stance): Subject => ({ stance })), ...has]
}
