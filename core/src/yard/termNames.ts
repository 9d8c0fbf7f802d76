/** What people type for what the catalogues call otherwise; small letters. */
export const KIND_NAMES: Readonly<Record<string, readonly string[]>> = {
  'fresh-tank': ['fresh water', 'fresh'],
  'gray-tank': ['gray water', 'grey tank', 'grey water', 'gray'],
  'galley-tank': ['second gray', 'second gray tank'],
  'black-tank': ['black water'],
  'lp-cylinder': ['propane', 'cylinders', 'lp'],
  battery: ['batteries'],
  solar: ['solar', 'solar panels', 'panels'],
  'solar-port': ['solar port', 'solar plug', 'portable solar'],
  'air-conditioner': ['ac', 'air conditioning', 'air conditioner'],
  'water-heater': ['hot water'],
  jack: ['jack'],
  spare: ['spare', 'spare wheel'],
  rack: ['bike rack', 'racks'],
  added: ['fitted after the label'],
  fridge: ['fridge', 'refrigerator'],
  'theater-seats': ['theatre seats', 'theater seating'],
  booth: ['booth', 'dinette'],
  'u-dinette': ['u dinette', 'u-dinette'],
  bar: ['bar'],
  'jackknife-sofa': ['jackknife', 'jack knife sofa'],
  'tri-fold-sofa': ['trifold sofa', 'tri fold sofa'],
  fireplace: ['fire'],
  'wet-bath': ['wet bath'],
  washer: ['washer and dryer', 'washer'],
  desk: ['work place'],
  tub: ['tub', 'bath tub'],
  tv: ['television'],
  'outside-shower': ['shower outside'],
  receiver: ['rear receiver', 'rear hitch', 'receiver'],
  awning: ['awnings'],
  'lp-connect': ['quick connect'],
  speakers: ['outside speakers'],
  'tv-bracket': ['tv outside'],
}

/** Readings that a bare limit speaks of already: `under 26 ft`, `below $30,000`. */
export const BY_LIMITS: readonly string[] = ['uvw', 'gvwr', 'overallLength', 'askingPrice', 'advertisedSleeps']

/** The figure by which a kind is spoken of. */
export const MAIN_FIGURES: Readonly<Record<string, string>> = {
  'fresh-tank': 'capacity',
  'gray-tank': 'capacity',
  'galley-tank': 'capacity',
  'black-tank': 'capacity',
  'lp-cylinder': 'size',
  battery: 'ampHours',
  solar: 'watts',
  inverter: 'watts',
  generator: 'watts',
  'air-conditioner': 'cooling',
  furnace: 'heating',
  'water-heater': 'capacity',
  rack: 'carries',
  fridge: 'capacity',
  tv: 'diagonal',
  cooktop: 'burners',
  sink: 'bowls',
  receiver: 'rating',
}

/** Readings of the unit, by their names in the catalogue. */
export const READING_NAMES: Readonly<Record<string, readonly string[]>> = {
  hitchWeight: ['hitch weight', 'tongue weight'],
  cargoCapacity: ['cargo', 'cargo capacity'],
  overallHeight: ['height'],
  interiorHeight: ['ceiling height', 'inside height', 'headroom'],
  blackFlush: ['black flush', 'black tank flush'],
  tankPads: ['heated tanks', 'tank pads'],
  roofLadder: ['roof ladder'],
  cameraPrep: ['camera prep'],
  secondAcPrep: ['second ac', 'second ac prep'],
  walkableRoof: ['walk-on roof'],
  freshFill: ['gravity fill'],
  cityWater: ['city water'],
  axles: ['axle'],
  tires: ['wheels on the ground'],
  powerCord: ['cord'],
}

/** Choices, by the reading they answer. */
export const CHOICE_NAMES: Readonly<Record<string, Readonly<Record<string, readonly string[]>>>> = {
  shorePower: { '30 A': ['30 amp', '30 amps', '30a'], '50 A': ['50 amp', '50 amps', '50a'] },
  underbelly: { enclosed: ['enclosed belly'], 'enclosed and heated': ['heated underbelly', 'heated belly'] },
  season: {
    'four-season': ['four season', '4 season', 'four-season'],
    'extended season': ['extended season'],
    'three-season': ['three season', '3 season'],
  },
  'stabilizers.drive': { 'power each': ['single power stabilizers'], 'power pairs': ['power stabilizers in pairs'] },
  'battery.chemistry': { LiFePO4: ['lithium', 'lithium battery'], AGM: ['agm battery'] },
  'water-heater.fuel': { 'on-demand gas': ['on-demand', 'on demand', 'tankless'] },
  'jack.drive': { power: ['power jack', 'electric jack'], manual: ['manual jack'] },
  'lp-cylinder.changeover': { automatic: ['auto changeover', 'automatic changeover'] },
  'fridge.kind': {
    '12 V compressor': ['12v fridge', '12 v fridge', 'compressor fridge'],
    'gas-electric': ['gas fridge', 'gas electric fridge', 'absorption fridge'],
    '120 V': ['residential fridge', 'house fridge'],
  },
  'microwave.kind': { convection: ['convection', 'convection oven'] },
  'shower.closure': { glass: ['glass shower', 'glass door shower'], curtain: ['shower curtain'] },
  'cooktop.fuel': { electric: ['induction', 'electric cooktop'] },
}
