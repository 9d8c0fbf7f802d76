import { reads, within, type ReadingSpecs } from './reading'

/** One door to all that can be read: what needs no place on the plan has a file of its own. */
export * from './equipmentKinds'

/** What can be read on the trailer as a whole. Keys are the names used in `trailer.json`. */
export const TRAILER_READS = {
  askingPrice: within(reads.amount('Asking price', '$', 'Window tag'), [500, 2000000], [3000, 250000]),
  advertisedSleeps: within(reads.count('Advertised sleeping count', 'Maker’s sheet'), [1, 30], [1, 14]),
  overallLength: within(reads.length('Overall length', 'Coupler to rear bumper'), [60, 900], [120, 540]),
  overallWidth: within(reads.length('Overall width', 'Widest point, slides in'), [40, 200], [60, 108]),
  overallHeight: within(reads.length('Overall height', 'Ground to the top of the roof AC'), [40, 300], [78, 168]),
  interiorHeight: within(
    reads.length('Interior height', 'Floor to ceiling, away from the slide'),
    [30, 200],
    [60, 108],
  ),
  uvw: within(reads.weight('UVW (dry)', 'Weight label by the door'), [100, 50000], [700, 16000]),
  gvwr: within(reads.weight('GVWR', 'Federal label, front off-door side'), [100, 60000], [1000, 21000]),
  cargoCapacity: within(reads.weight('CCC', 'Yellow label inside the entry door'), [0, 30000], [150, 6000]),
  hitchWeight: within(
    reads.weight('Hitch weight, empty', 'Tongue scale under the coupler, or the sheet'),
    [0, 10000],
    [60, 2600],
  ),
  axles: within(reads.count('Axles'), [1, 4], [1, 3]),
  axleRating: within(reads.weight('GAWR, each axle', 'Federal label'), [300, 30000], [1200, 9000]),
  axleCenter: within(reads.length('Axle position', 'Front wall to the middle between the axles'), [1, 800], [50, 400]),
  tires: within(reads.count('Tires on the ground'), [1, 16], [2, 8]),
  tireSize: reads.text('Tire size', 'Side wall'),
  tireLoadRange: reads.choice('Tire load range', 'B', 'C', 'D', 'E', 'F', 'G'),
  tireRating: within(reads.weight('Tire rating, each, single', 'Side wall'), [100, 20000], [700, 5000]),
  tirePressure: within(reads.amount('Cold tire pressure', 'psi', 'Tire label'), [5, 300], [30, 115]),
  couplerBall: within(reads.length('Ball size', 'Stamped on the coupler'), [1, 6], [1.8, 2.4]),
  couplerRating: within(reads.weight('Coupler rating', 'Stamped on the coupler'), [300, 60000], [1800, 25000]),
  rearReceiverRating: within(reads.weight('Rear receiver carries', 'Label at the receiver'), [1, 10000], [75, 1000]),
  shorePower: reads.choice('Shore power', '30 A', '50 A'),
  powerCord: within(reads.length('Power cord length', 'Pull it out'), [1, 2000], [120, 600]),
  powerCordKind: reads.choice('Power cord', 'detachable', 'stored inside'),
  cityWater: reads.yesNo('City water inlet'),
  freshFill: reads.yesNo('Gravity fresh fill'),
  blackFlush: reads.yesNo('Black-tank flush'),
  sprayPort: reads.yesNo('Spray port'),
  outsideShower: reads.yesNo('Outside shower'),
  dumpPoints: within(reads.count('Dump points'), [0, 10], [0, 4]),
  underbelly: reads.choice('Underbelly', 'open', 'enclosed', 'enclosed and heated'),
  tankPads: reads.yesNo('Tank heat pads'),
  wallInsulation: within(reads.amount('Wall insulation', 'R', 'Maker’s sheet'), [0.5, 100], [2, 15]),
  roofInsulation: within(reads.amount('Roof insulation', 'R', 'Maker’s sheet'), [0.5, 200], [4, 50]),
  floorInsulation: within(reads.amount('Floor insulation', 'R', 'Maker’s sheet'), [0.5, 200], [4, 50]),
  walkableRoof: reads.yesNo('Walkable roof'),
  roofLadder: reads.yesNo('Ladder'),
  cameraPrep: reads.yesNo('Rear camera prep'),
  season: reads.choice('Season the maker claims', 'three-season', 'extended season', 'four-season'),
  secondAcPrep: reads.yesNo('Prepared for a second AC'),
} as const satisfies ReadingSpecs
export type TrailerKey = keyof typeof TRAILER_READS

/** Of what reclines, from where its back stands upright to the end of the footrest. */
const OPENED = within(
  reads.length('Reaches when opened', 'Back of the seat, upright, to the end of the footrest'),
  [12, 140],
  [44, 80],
)

/** Towards which side of the trailer the pin of a door lies. */
export const HINGED = ['front', 'rear', 'door side', 'off-door side'] as const
/** What opens with a door on its front: how that is hung, and whether there are two. */
const LEAVES = {
  hinge: { ...reads.choice('Hinged toward', ...HINGED), ifWaited: true },
  leaves: { ...reads.choice('Doors on its front', 'one', 'two'), ifWaited: true },
} as const

/**
 * Fixtures that stand on the floor or hang on a wall. `band` is the height above the floor they take
 * up, in inches, unless the fixture says otherwise: two fixtures collide only where their bands do.
 */
export const FIXTURE_KINDS = {
  booth: { name: 'Booth dinette', band: [0, 44], reads: { seats: within(reads.count('Seats'), [0, 30], [0, 10]) } },
  'u-dinette': {
    name: 'U-shaped dinette',
    band: [0, 44],
    reads: { seats: within(reads.count('Seats'), [0, 30], [0, 10]) },
  },
  table: {
    name: 'Free-standing table',
    band: [0, 30],
    reads: { seats: within(reads.count('Seats'), [0, 30], [0, 10]) },
  },
  bar: { name: 'Breakfast bar', band: [0, 42], reads: { seats: within(reads.count('Seats'), [0, 30], [0, 10]) } },
  'jackknife-sofa': {
    name: 'Jackknife sofa',
    band: [0, 36],
    reads: { seats: within(reads.count('Seats'), [0, 30], [0, 10]) },
  },
  'tri-fold-sofa': {
    name: 'Tri-fold sofa',
    band: [0, 36],
    reads: { seats: within(reads.count('Seats'), [0, 30], [0, 10]) },
  },
  'air-sofa': {
    name: 'Air-mattress sofa',
    band: [0, 36],
    reads: { seats: within(reads.count('Seats'), [0, 30], [0, 10]) },
  },
  futon: { name: 'Futon', band: [0, 36], reads: { seats: within(reads.count('Seats'), [0, 30], [0, 10]) } },
  'theater-seats': {
    name: 'Theater seats',
    band: [0, 42],
    reads: { seats: within(reads.count('Seats'), [0, 30], [0, 10]), opened: OPENED },
  },
  'convertible-lounge': {
    name: 'Convertible lounge',
    band: [0, 36],
    reads: {
      seats: within(reads.count('Seats'), [0, 30], [0, 10]),
      atTable: within(reads.count('Seats set as a dinette'), [0, 30], [0, 10]),
      asDinette: within(
        reads.length('Reaches set as a dinette', 'Back of the seat to the far edge of what is set before it'),
        [12, 140],
        [40, 96],
      ),
    },
  },
  chair: {
    name: 'Chair',
    band: [0, 40],
    reads: { seats: within(reads.count('Seats'), [0, 30], [0, 10]), opened: OPENED },
  },
  stool: { name: 'Bar stool', band: [0, 30], reads: {} },
  counter: { name: 'Counter', band: [0, 36], reads: {} },
  island: { name: 'Island', band: [0, 36], reads: {} },
  sink: {
    name: 'Kitchen sink',
    band: [30, 42],
    on: 'counter',
    reads: { bowls: reads.count('Bowls'), depth: reads.length('Bowl depth'), cover: reads.yesNo('Cover') },
  },
  cooktop: {
    name: 'Cooktop',
    band: [34, 40],
    on: 'counter',
    reads: {
      burners: within(reads.count('Burners'), [0, 12], [1, 6]),
      cover: reads.yesNo('Cover'),
      fuel: reads.choice('Runs on', 'gas', 'electric'),
    },
  },
  oven: { name: 'Oven', band: [8, 34], on: 'counter', reads: { width: reads.length('Door width') } },
  microwave: { name: 'Microwave', band: [48, 66], reads: { kind: reads.choice('Kind', 'microwave', 'convection') } },
  hood: { name: 'Hood', band: [56, 66], reads: { vented: reads.yesNo('Vented outside') } },
  fridge: {
    name: 'Refrigerator',
    band: [0, 72],
    reads: {
      capacity: within(reads.amount('Capacity', 'cu ft', 'Plate inside the door'), [0.1, 200], [1, 28]),
      kind: reads.choice('Runs on', '12 V compressor', 'gas-electric', '120 V'),
      ...LEAVES,
    },
  },
  pantry: {
    name: 'Pantry',
    band: [0, 76],
    reads: { shelves: reads.count('Shelves'), adjustable: reads.yesNo('Adjustable shelves'), ...LEAVES },
  },
  wardrobe: {
    name: 'Wardrobe',
    band: [0, 76],
    reads: {
      drawers: reads.count('Drawers'),
      hanging: reads.length('Hanging depth'),
      rod: reads.length('Rod length'),
      ...LEAVES,
    },
  },
  cabinet: { name: 'Cabinet', band: [0, 36], reads: { drawers: reads.count('Drawers') } },
  'tall-cabinet': { name: 'Tall cabinet', band: [0, 76], reads: { drawers: reads.count('Drawers'), ...LEAVES } },
  overhead: { name: 'Overhead cabinet', band: [60, 78], reads: { depth: reads.length('Inside depth') } },
  nightstand: { name: 'Nightstand', band: [0, 30], reads: { drawers: reads.count('Drawers') } },
  desk: { name: 'Desk', band: [0, 30], reads: { outlet: reads.yesNo('Outlet') } },
  tv: {
    name: 'TV',
    band: [44, 66],
    reads: { diagonal: reads.length('Diagonal'), swivel: reads.yesNo('Swivel mount') },
  },
  fireplace: { name: 'Fireplace', band: [0, 24], reads: {} },
  toilet: {
    name: 'Toilet',
    band: [0, 36],
    reads: {
      room: within(reads.length('Wall to wall at the toilet', 'Across the seat, wall to wall'), [5, 300], [14, 96]),
    },
  },
  shower: {
    name: 'Shower',
    band: [0, 76],
    reads: {
      headroom: within(reads.length('Shower headroom', 'Pan to skylight'), [5, 1_000], [50, 100]),
      closure: reads.choice('Closed by', 'glass', 'curtain', 'retractable screen'),
      length: reads.length('Inside length'),
      width: reads.length('Inside width'),
    },
  },
  tub: {
    name: 'Tub with shower',
    band: [0, 76],
    reads: {
      headroom: within(reads.length('Shower headroom', 'Tub floor to skylight'), [5, 1_000], [50, 100]),
      closure: reads.choice('Closed by', 'glass', 'curtain', 'retractable screen'),
      length: reads.length('Inside length'),
      width: reads.length('Inside width'),
    },
  },
  'wet-bath': {
    name: 'Wet bath',
    band: [0, 76],
    reads: { headroom: within(reads.length('Headroom', 'Pan to ceiling or skylight'), [5, 1_000], [50, 100]) },
  },
  vanity: { name: 'Bath sink', band: [0, 36], reads: {} },
  linen: { name: 'Linen cabinet', band: [0, 76], reads: LEAVES },
  washer: { name: 'Washer and dryer', band: [0, 60], reads: {} },
  'water-heater': { name: 'Water heater', band: [0, 18], reads: {} },
  ladder: { name: 'Ladder', band: [0, 60], reads: {} },
  'tie-downs': { name: 'Tie-downs', band: [0, 1], reads: { count: reads.count('Tie-downs') } },
} as const satisfies Record<string, { name: string; band: readonly [number, number]; on?: string; reads: ReadingSpecs }>
export type FixtureKind = keyof typeof FIXTURE_KINDS

/** What can be read on every berth. */
export const BERTH_READS = {
  mattressLength: within(reads.length('Mattress length', 'Head to foot, on the cushion'), [5, 1000], [40, 90]),
  mattressWidth: within(reads.length('Mattress width', 'At the shoulders'), [5, 1000], [18, 84]),
  weightLimit: within(reads.weight('Weight limit', 'Label on the bunk board'), [5, 10000], [75, 1200]),
  headroom: within(reads.length('Headroom', 'Mattress top to whatever is above'), [0, 400], [8, 90]),
  heightAboveFloor: within(reads.length('Height above the floor', 'Floor to mattress top'), [0, 200], [0, 84]),
  guardHeight: within(reads.length('Guard above the mattress'), [0, 200], [0, 30]),
  ladder: reads.yesNo('Ladder'),
  outlet: reads.yesNo('Outlet within reach'),
  ownLight: reads.yesNo('Own light'),
  window: reads.yesNo('Own window'),
  storageBelow: reads.yesNo('Storage below'),
} as const satisfies ReadingSpecs
export type BerthKey = keyof typeof BERTH_READS

/**
 * Kinds of berth. `converted`: has to be made up from something else. `limited`: carries a weight limit
 * label that must be known. `upper`: a fall from it matters, so not for small children. `band`: height
 * above the floor it takes up when made, inches.
 */
export const BERTH_KINDS = {
  bed: { name: 'Bed', band: [0, 40], converted: false, limited: false, upper: false, bunk: false },
  bunk: { name: 'Bunk', band: [0, 30], converted: false, limited: true, upper: false, bunk: true },
  'upper-bunk': { name: 'Upper bunk', band: [44, 60], converted: false, limited: true, upper: true, bunk: true },
  'flip-bunk': { name: 'Flip bunk', band: [44, 60], converted: true, limited: true, upper: true, bunk: true },
  loft: { name: 'Loft', band: [56, 76], converted: false, limited: true, upper: true, bunk: false },
  'canvas-end': { name: 'Canvas end bed', band: [24, 40], converted: false, limited: true, upper: false, bunk: false },
  booth: { name: 'Booth dinette bed', band: [0, 30], converted: true, limited: false, upper: false, bunk: false },
  'u-dinette': { name: 'U-dinette bed', band: [0, 30], converted: true, limited: false, upper: false, bunk: false },
  jackknife: { name: 'Jackknife sofa bed', band: [0, 30], converted: true, limited: false, upper: false, bunk: false },
  'tri-fold': { name: 'Tri-fold sofa bed', band: [0, 30], converted: true, limited: false, upper: false, bunk: false },
  'air-sofa': {
    name: 'Air-mattress sofa bed',
    band: [0, 30],
    converted: true,
    limited: false,
    upper: false,
    bunk: false,
  },
  futon: { name: 'Futon bed', band: [0, 30], converted: true, limited: false, upper: false, bunk: false },
  lounge: { name: 'Convertible lounge bed', band: [0, 30], converted: true, limited: false, upper: false, bunk: false },
  'floor-mat': { name: 'Floor mat', band: [0, 8], converted: true, limited: false, upper: false, bunk: false },
} as const
export type BerthKind = keyof typeof BERTH_KINDS

export const OUTSIDE_KINDS = {
  awning: {
    name: 'Awning',
    reads: { projection: within(reads.length('Projection'), [5, 600], [24, 144]), power: reads.yesNo('Power') },
  },
  steps: {
    name: 'Steps',
    reads: {
      kind: reads.choice('Kind', 'solid', 'hung'),
      rating: within(reads.weight('Carries'), [5, 10000], [250, 1200]),
    },
  },
  'outside-kitchen': {
    name: 'Outside kitchen',
    reads: {
      fridge: reads.amount('Refrigerator', 'cu ft'),
      burners: reads.count('Burners'),
      griddle: reads.yesNo('Griddle'),
      sink: reads.yesNo('Sink'),
      depth: within(reads.length('Depth into the trailer', 'Outer wall to the back of its cabinet'), [2, 100], [8, 40]),
    },
  },
  'pass-through': {
    name: 'Pass-through door',
    reads: {
      doorWidth: within(reads.length('Door width'), [2, 300], [6, 110]),
      doorHeight: within(reads.length('Door height'), [2, 300], [6, 110]),
    },
  },
  bay: {
    name: 'Bay door',
    reads: {
      doorWidth: within(reads.length('Door width'), [2, 300], [6, 110]),
      doorHeight: within(reads.length('Door height'), [2, 300], [6, 110]),
      depth: within(reads.length('Depth into the trailer', 'Outer wall to the back of the bay'), [2, 110], [8, 100]),
    },
  },
  hookups: { name: 'Water hookups', reads: {} },
  'power-inlet': { name: 'Power inlet', reads: {} },
  'dump-valve': { name: 'Dump valve', reads: {} },
  'lp-connect': { name: 'LP quick connect', reads: {} },
  'outside-shower': { name: 'Outside shower', reads: {} },
  'tv-bracket': { name: 'TV bracket', reads: {} },
  speakers: { name: 'Speakers', reads: {} },
  'furnace-vent': { name: 'Furnace vent', reads: {} },
  receiver: { name: 'Rear receiver', reads: { rating: within(reads.weight('Carries'), [5, 10000], [75, 1200]) } },
} as const satisfies Record<string, { name: string; reads: ReadingSpecs }>
export type OutsideKind = keyof typeof OUTSIDE_KINDS

/** Door kinds; `outer`: it stands in the outer wall and leads out. */
export const DOOR_KINDS = {
  entry: { name: 'Entry door', outer: true },
  cargo: { name: 'Cargo door', outer: true },
  ramp: { name: 'Ramp door', outer: true },
  swing: { name: 'Door', outer: false },
  pocket: { name: 'Pocket door', outer: false },
  sliding: { name: 'Sliding door', outer: false },
  curtain: { name: 'Curtain', outer: false },
} as const
export type DoorKind = keyof typeof DOOR_KINDS
