/** Every color of the look by its name, by day and by evening. */
export const PALETTE = {
  paper: { day: '#f5f1e8', evening: '#161c1c' },
  floor: { day: '#fbf9f3', evening: '#273130' },
  bar: { day: '#fffdf7', evening: '#1d2524' },
  sunk: { day: '#ebe5d6', evening: '#101515' },
  ink: { day: '#1f2b2d', evening: '#ece7da' },
  line: { day: '#5b6665', evening: '#a3aeaa' },
  hair: { day: '#d9d1be', evening: '#3a4544' },
  green: { day: '#1f5a46', evening: '#74c3a1' },
  onGreen: { day: '#fffdf7', evening: '#10201a' },
  fits: { day: '#1f5a46', evening: '#74c3a1' },
  tight: { day: '#8c5300', evening: '#e6ac58' },
  no: { day: '#a83a26', evening: '#ee9c87' },
  measure: { day: '#54636f', evening: '#a9b8c6' },
  cushion: { day: '#efe9da', evening: '#33403e' },
  sheet: { day: '#dfe8e6', evening: '#3a4d52' },
} as const satisfies Record<string, { day: string; evening: string }>
