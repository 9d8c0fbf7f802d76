/** How people wash where the water is what they brought; `park showers`: in the park’s own bath house. */
export const WASHINGS = ['sparing', 'park showers', 'short showers', 'as at home'] as const
export type Washing = (typeof WASHINGS)[number]
