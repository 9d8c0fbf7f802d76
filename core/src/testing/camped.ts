import { defaultsOf } from '../rule/rule'
import { campOf, type Camp } from '../camping/camp'
import { CAMPING_RULES } from '../camping/rules'
import { batteryOf, CHEMISTRIES } from '../camping/battery'
import type { Rig } from '../camping/rig'
import type { Trip } from '../household/household'
import { household, person } from './someone'

/** A trailer as it is lived in, all known: a middling one with gas refrigerator, for tests. */
export const rig = (given: Partial<Rig> = {}): Rig => ({
  fresh: 40,
  gray: 30,
  galley: 0,
  black: 30,
  propane: 2 * 20 * defaultsOf(CAMPING_RULES).propane,
  battery: batteryOf([{ ampHours: 100, kind: CHEMISTRIES['lead-acid'] }]),
  solar: 0,
  controller: 0,
  furnace: 15_000,
  furnaceFan: 54,
  heatLoss: 200,
  fridge: defaultsOf(CAMPING_RULES).gasFridgeBoard,
  fridgeGas: defaultsOf(CAMPING_RULES).gasFridge,
  fireplace: 0,
  electricWater: false,
  outlets: 1,
  ...given,
})

/** So many grown people on a trip without hookups in summer, unless said otherwise. */
export const camp = (trip: Partial<Trip> = {}, people = 2): Camp =>
  campOf(
    household(
      Array.from({ length: people }, () => person()),
      { trip: { nights: 6, hookups: 'none', season: 'summer', ...trip } },
    ),
    defaultsOf(CAMPING_RULES),
  )
