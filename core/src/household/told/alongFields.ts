import { choice, figure, neededChoice, neededFigure, tick, usualChoice } from './field'

export const PET_FIELDS = {
  kind: neededChoice('Kind', ['dog', 'cat', 'other'], 'dog', { width: '100px' }),
  weight: figure('Weight', 'weight', [0, 400], { width: '92px' }),
} as const

export const RIDES = ['trailer', 'vehicle', 'rack'] as const

export const GEAR_FIELDS = {
  count: neededFigure('How many', 'count', [1, 200], { start: '1', width: '66px' }),
  weight: neededFigure('Each weighs', 'weight', [0, 3000], { width: '80px' }),
  /** In the trailer, in the tow vehicle, or on a rack behind the trailer. */
  rides: neededChoice('Rides in the', RIDES, 'trailer', { width: '100px' }),
  /** Fuel never rides inside. */
  fuel: tick('Carries fuel: never inside'),
  turns: usualChoice('May be turned', ['any', 'upright', 'never'], 'any', {
    names: { any: 'any way up', upright: 'upright only', never: 'not at all' },
  }),
  /** Nothing goes on top of it. */
  fragile: tick('Nothing on top of it'),
  /** Inside the trailer, outside it, or wherever it stays dry. */
  keep: choice('Kept', ['inside', 'outside', 'dry'], {
    names: { '': 'inside or outside', dry: 'wherever it is dry' },
  }),
  /** When they arrive, or while they drive. */
  first: choice('Wanted first', ['camp', 'road'], {
    names: { '': 'no matter when', camp: 'at camp', road: 'on the road' },
  }),
} as const

/** Each side of what has a size. */
export const SIZE_FIELDS = {
  length: neededFigure('Long', 'length', [1, 400], { width: '72px' }),
  width: neededFigure('Wide', 'length', [1, 400], { width: '72px' }),
  height: neededFigure('High', 'length', [1, 400], { width: '72px' }),
} as const
