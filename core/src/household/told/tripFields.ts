import { choice, figure, id, neededChoice, neededFigure } from './field'

/** Water and power and drain, power alone, water alone, none. */
export const HOOKUPS = ['full', 'electric', 'water', 'none'] as const
export const SEASONS = ['summer', 'spring to fall', 'winter'] as const
export const SHADES = ['none', 'half', 'deep'] as const
export const FRESH = ['empty', 'quarter', 'half', 'full'] as const
export const PLUGGED = ['coffee maker', 'coffee maker and hair dryer'] as const
/** How people wash where the water is what they brought; `park showers`: in the park’s own bath house. */
export const WASHINGS = ['sparing', 'park showers', 'short showers', 'as at home'] as const
export type Washing = (typeof WASHINGS)[number]
/** With a weight-distribution hitch, or on the ball alone. */
export const SPREADS = ['yes', 'no'] as const

/** How they camp. */
export const TRIP_FIELDS = {
  nights: neededFigure('Usual nights', 'count', [1, 365], { start: '4', width: '110px' }),
  hookups: neededChoice('Hookups', HOOKUPS, 'full', {
    asks: 'Hookups where they camp',
    names: { full: 'water and power', electric: 'power only', water: 'water only' },
    inSight: true,
  }),
  season: neededChoice('Season', SEASONS, 'summer', { inSight: true }),
  /** The kind of country they camp in, by its id in the table of climates; absent: the first of them. */
  place: id('Kind of country', { width: '160px' }),
  /** How full the fresh tank is on the road; absent: as usual for their hookups. */
  fresh: choice('Fresh tank on the road', FRESH, { names: { '': 'as usual' }, width: '160px' }),
  /** Clothes, food, dishes and camp kit in the trailer, all together; absent: as usual. */
  belongings: figure('Clothes, food and kit', 'weight', [0, 4000], {
    usual: [50, 2_500],
    placeholder: 'as usual',
    width: '160px',
  }),
  hitch: figure('The hitch', 'weight', [0, 300], { usual: [10, 250], placeholder: '80 lb', width: '110px' }),
  /** Whether they tow with a weight-distribution hitch; absent: not asked. */
  spreads: choice('Weight-distribution hitch', SPREADS, { width: '170px' }),
  /** Nights from one place to dump, fill and buy propane to the next; absent: none on the way. */
  supplyEvery: figure('Nights from one dump and fill to the next', 'count', [1, 365], {
    asks: 'Dump and fill every … nights',
    placeholder: 'not on the way',
    width: '200px',
  }),
  /** Absent: short showers. */
  washing: choice('How they wash', WASHINGS, { width: '150px' }),
  /** Over the roof by day; absent: none. */
  shade: choice('Shade over the roof', SHADES, {
    offered: ['half', 'deep'],
    names: { '': 'none', half: 'half the day', deep: 'under trees' },
    width: '150px',
  }),
  /** Of their own, set up in the sun. */
  panelWatts: figure('Own solar panel, W', 'number', [0, 5_000], {
    of: 'watts of panels',
    placeholder: 'none',
    width: '140px',
  }),
  generatorHours: figure('Generator, hours a day', 'number', [0, 24], {
    of: 'hours a day',
    placeholder: 'none',
    width: '160px',
  }),
  /** Nights from one place to the next, where they drive on; absent: they stay where they are. */
  movesEvery: figure('Nights from one place to the next', 'count', [1, 365], {
    asks: 'They drive on every … nights',
    placeholder: 'they stay',
    width: '190px',
  }),
  /** On a day on which they drive on; absent: as usual. */
  driveHours: figure('Driving, hours', 'number', [0, 16], { of: 'hours a day', placeholder: '3', width: '120px' }),
  /** Into the trailer's outlets where no post gives power; absent: nothing. */
  plugsIn: choice('They plug in', PLUGGED, { names: { '': 'nothing' }, width: '200px' }),
} as const
