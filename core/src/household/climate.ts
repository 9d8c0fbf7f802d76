/** A stretch of country by its ordinary year: twelve months from January. */
export interface Climate {
  name: string
  /** Within a sentence. */
  where: string
  /** Degrees north. */
  latitude: number
  /** Ordinary night and day, F. */
  lows: Months
  highs: Months
  /** Of the sun of a clear sky, what clouds let through. */
  clear: Months
}

/** By id, in the order in which they are offered; the first is taken while people have not said where they camp. */
export type Climates = Readonly<Record<string, Climate>>

export type Months = readonly [
  number,
  number,
  number,
  number,
  number,
  number,
  number,
  number,
  number,
  number,
  number,
  number,
]

/** Made up, each like a kind of country people camp in: a dealership puts its own in their place. */
export const USUAL_CLIMATES: Climates = {
  lakes: {
    name: 'northern lakes',
    where: 'at the northern lakes',
    latitude: 45,
    lows: [8, 10, 21, 33, 44, 54, 59, 57, 49, 39, 28, 15],
    highs: [25, 29, 40, 55, 68, 77, 82, 80, 71, 58, 43, 30],
    clear: [0.5, 0.55, 0.6, 0.62, 0.65, 0.68, 0.7, 0.7, 0.65, 0.55, 0.45, 0.45],
  },
  coast: {
    name: 'cool coast',
    where: 'on the cool coast',
    latitude: 44,
    lows: [37, 38, 39, 41, 45, 49, 52, 52, 49, 44, 40, 36],
    highs: [48, 51, 54, 57, 61, 64, 67, 68, 67, 61, 53, 48],
    clear: [0.4, 0.45, 0.5, 0.55, 0.6, 0.62, 0.68, 0.66, 0.62, 0.5, 0.4, 0.38],
  },
  plains: {
    name: 'plains',
    where: 'on the plains',
    latitude: 41,
    lows: [14, 18, 28, 39, 50, 60, 65, 63, 53, 41, 28, 17],
    highs: [35, 40, 52, 64, 74, 84, 88, 86, 79, 66, 51, 38],
    clear: [0.58, 0.6, 0.62, 0.64, 0.67, 0.72, 0.74, 0.73, 0.7, 0.66, 0.58, 0.55],
  },
  mountains: {
    name: 'high mountains',
    where: 'in the high mountains',
    latitude: 39.5,
    lows: [6, 9, 17, 25, 33, 40, 46, 45, 37, 28, 17, 8],
    highs: [32, 36, 44, 52, 62, 73, 79, 77, 69, 57, 42, 33],
    clear: [0.68, 0.7, 0.7, 0.68, 0.68, 0.75, 0.72, 0.7, 0.75, 0.74, 0.7, 0.66],
  },
  desert: {
    name: 'low desert',
    where: 'in the low desert',
    latitude: 33.5,
    lows: [38, 42, 47, 53, 61, 70, 78, 77, 70, 58, 45, 37],
    highs: [65, 69, 76, 84, 93, 102, 105, 103, 98, 87, 74, 64],
    clear: [0.75, 0.77, 0.8, 0.84, 0.86, 0.86, 0.78, 0.78, 0.82, 0.82, 0.78, 0.74],
  },
  gulf: {
    name: 'warm gulf',
    where: 'on the warm gulf',
    latitude: 30,
    lows: [42, 45, 51, 58, 66, 72, 74, 74, 69, 59, 50, 44],
    highs: [62, 65, 71, 77, 84, 89, 91, 91, 87, 80, 71, 63],
    clear: [0.52, 0.55, 0.58, 0.62, 0.64, 0.62, 0.6, 0.6, 0.6, 0.64, 0.58, 0.52],
  },
}

/** The one that people named, where the table has it. */
export const climateOf = (climates: Climates, id: string | undefined): Climate | undefined =>
  id !== undefined && Object.hasOwn(climates, id) ? climates[id] : undefined
