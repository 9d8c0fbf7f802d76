import type { HouseholdDraft } from './draft/draft'

/** How people say that they camp, and what it stands for until they say more. */
export interface Style {
  id: string
  name: string
  trip: Partial<HouseholdDraft['trip']>
}

/** In the order of how far from a post they camp (common practice). */
export const STYLES: readonly Style[] = [
  {
    id: 'campground',
    name: 'Campgrounds with hookups',
    trip: { hookups: 'full', washing: '', supplyEvery: '', panelWatts: '', generatorHours: '', shade: '' },
  },
  {
    id: 'parks',
    name: 'Parks with power',
    trip: {
      hookups: 'electric',
      washing: 'park showers',
      supplyEvery: '',
      panelWatts: '',
      generatorHours: '',
      shade: '',
    },
  },
  {
    id: 'some-nights',
    name: 'Off the grid some nights',
    trip: { hookups: 'none', washing: 'short showers', supplyEvery: '3', panelWatts: '', generatorHours: '1' },
  },
  {
    id: 'mostly',
    name: 'Off the grid mostly',
    trip: { hookups: 'none', washing: 'sparing', supplyEvery: '7', panelWatts: '200', generatorHours: '' },
  },
]

/** The style that a trip is as it stands, if it is one. */
export const styleOf = (trip: HouseholdDraft['trip']): string | undefined =>
  STYLES.find((style) =>
    Object.entries(style.trip).every(([key, value]) => trip[key as keyof HouseholdDraft['trip']] === value),
  )?.id
