import { reads, type ReadingSpecs } from './reading'

/** What can be read on the trailer as a whole. Keys are the names used in `trailer.json`. */
export const TRAILER_READS = {
  askingPrice: reads.amount('Asking price', '$', 'Window tag'),
  advertisedSleeps: reads.count('Advertised sleeping count', 'Maker’s sheet'),
  overallLength: reads.length('Overall length', 'Coupler to rear bumper'),
  overallWidth: reads.length('Overall width', 'Widest point, slides in'),
  overallHeight: reads.length('Overall height', 'Ground to the top of the roof AC'),
  interiorHeight: reads.length('Interior height', 'Floor to ceiling, away from the slide'),
  uvw: reads.weight('UVW (dry)', 'Weight label by the door'),
  gvwr: reads.weight('GVWR', 'Federal label, front off-door side'),
  cargoCapacity: reads.weight('CCC', 'Yellow label inside the entry door'),
  hitchWeight: reads.weight('Hitch weight, empty', 'Tongue scale under the coupler, or the sheet'),
  axles: reads.count('Axles'),
  axleRating: reads.weight('GAWR, each axle', 'Federal label'),
  axleCenter: reads.length('Axle position', 'Front wall to the middle between the axles'),
  tires: reads.count('Tires on the ground'),
  tireSize: reads.text('Tire size', 'Side wall'),
  tireLoadRange: reads.choice('Tire load range', 'B', 'C', 'D', 'E', 'F', 'G'),
  tireRating: reads.weight('Tire rating, each, single', 'Side wall'),
  tirePressure: reads.amount('Cold tire pressure', 'psi', 'Tire label'),
  couplerBall: reads.length('Ball size', 'Stamped on the coupler'),
  couplerRating: reads.weight('Coupler rating', 'Stamped on the coupler'),
  rearReceiverRating: reads.weight('Rear receiver carries', 'Label at the receiver'),
  shorePower: reads.choice('Shore power', '30 A', '50 A'),
  powerCord: reads.length('Power cord length', 'Pull it out'),
  powerCordKind: reads.choice('Power cord', 'detachable', 'stored inside'),
  cityWater: reads.yesNo('City water inlet'),
  freshFill: reads.yesNo('Gravity fresh fill'),
  blackFlush: reads.yesNo('Black-tank flush'),
  sprayPort: reads.yesNo('Spray port'),
  outsideShower: reads.yesNo('Outside shower'),
  dumpPoints: reads.count('Dump points'),
  underbelly: reads.choice('Underbelly', 'open', 'enclosed', 'enclosed and heated'),
  tankPads: reads.yesNo('Tank heat pads'),
  walkableRoof: reads.yesNo('Walkable roof'),
  roofLadder: reads.yesNo('Ladder'),
  cameraPrep: reads.yesNo('Rear camera prep'),
  season: reads.choice('Season the maker claims', 'three-season', 'extended season', 'four-season'),
  secondAcPrep: reads.yesNo('Prepared for a second AC'),
} as const satisfies ReadingSpecs
export type TrailerKey = keyof typeof TRAILER_READS

/** Things a trailer has that need no place on the plan yet: tanks, power, gas, climate, gear at the hitch. */
export const EQUIPMENT_KINDS = {
  'fresh-tank': { name: 'Fresh tank', reads: { capacity: reads.amount('Capacity', 'gal') } },
  'gray-tank': {
    name: 'Gray tank',
    reads: { capacity: reads.amount('Capacity', 'gal'), dumpPoint: reads.count('Dump point') },
  },
  'galley-tank': {
    name: 'Galley tank',
    reads: { capacity: reads.amount('Capacity', 'gal'), dumpPoint: reads.count('Dump point') },
  },
  'black-tank': {
    name: 'Black tank',
    reads: { capacity: reads.amount('Capacity', 'gal'), dumpPoint: reads.count('Dump point') },
  },
  'lp-cylinder': {
    name: 'LP cylinders',
    reads: {
      count: reads.count('Cylinders'),
      size: reads.weight('Propane in each, full'),
      changeover: reads.choice('Changeover', 'automatic', 'manual'),
    },
  },
  battery: {
    name: 'Battery',
    reads: {
      count: reads.count('Batteries'),
      group: reads.text('Group'),
      ampHours: reads.amount('Rated, each', 'Ah'),
      chemistry: reads.choice('Chemistry', 'lead-acid', 'AGM', 'LiFePO4'),
      disconnect: reads.yesNo('Disconnect'),
    },
  },
  solar: {
    name: 'Roof solar',
    reads: { watts: reads.amount('Panels', 'W'), controllerAmps: reads.amount('Controller', 'A') },
  },
  'solar-port': { name: 'Portable solar plug', reads: { place: reads.text('Where') } },
  inverter: { name: 'Inverter', reads: { watts: reads.amount('Continuous', 'W') } },
  generator: {
    name: 'Generator',
    reads: { watts: reads.amount('Running', 'W'), fuel: reads.choice('Fuel', 'gasoline', 'LP') },
  },
  'air-conditioner': {
    name: 'Air conditioner',
    reads: { cooling: reads.amount('Cooling', 'BTU'), ducted: reads.yesNo('Ducted') },
  },
  furnace: { name: 'Furnace', reads: { heating: reads.amount('Heating', 'BTU'), ducted: reads.yesNo('Ducted') } },
  'water-heater': {
    name: 'Water heater',
    reads: {
      capacity: reads.amount('Tank', 'gal'),
      recovery: reads.amount('Recovery', 'gal/h'),
      fuel: reads.choice('Runs on', 'gas', 'gas and electric', 'on-demand gas'),
    },
  },
  jack: {
    name: 'Tongue jack',
    reads: {
      drive: reads.choice('Drive', 'manual', 'power'),
      light: reads.yesNo('Light'),
      override: reads.yesNo('Manual override'),
    },
  },
  stabilizers: { name: 'Stabilizers', reads: { drive: reads.choice('Drive', 'manual', 'power pairs', 'power each') } },
  spare: { name: 'Spare tire', reads: { place: reads.text('Where') } },
} as const satisfies Record<string, { name: string; reads: ReadingSpecs }>
export type EquipmentKind = keyof typeof EQUIPMENT_KINDS

/**
 * Fixtures that stand on the floor or hang on a wall. `band` is the height above the floor they take
 * up, in inches, unless the fixture says otherwise: two fixtures collide only where their bands do.
 */
export const FIXTURE_KINDS = {
  booth: { name: 'Booth dinette', band: [0, 44], reads: { seats: reads.count('Seats') } },
  'u-dinette': { name: 'U-shaped dinette', band: [0, 44], reads: { seats: reads.count('Seats') } },
  table: { name: 'Free-standing table', band: [0, 30], reads: { seats: reads.count('Seats') } },
  bar: { name: 'Breakfast bar', band: [0, 42], reads: { seats: reads.count('Seats') } },
  'jackknife-sofa': { name: 'Jackknife sofa', band: [0, 36], reads: { seats: reads.count('Seats') } },
  'tri-fold-sofa': { name: 'Tri-fold sofa', band: [0, 36], reads: { seats: reads.count('Seats') } },
  'air-sofa': { name: 'Air-mattress sofa', band: [0, 36], reads: { seats: reads.count('Seats') } },
  futon: { name: 'Futon', band: [0, 36], reads: { seats: reads.count('Seats') } },
  'theater-seats': { name: 'Theater seats', band: [0, 42], reads: { seats: reads.count('Seats') } },
  'convertible-lounge': { name: 'Convertible lounge', band: [0, 36], reads: { seats: reads.count('Seats') } },
  chair: { name: 'Chair', band: [0, 40], reads: { seats: reads.count('Seats') } },
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
      burners: reads.count('Burners'),
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
      capacity: reads.amount('Capacity', 'cu ft', 'Plate inside the door'),
      kind: reads.choice('Runs on', '12 V compressor', 'gas-electric', '120 V'),
    },
  },
  pantry: {
    name: 'Pantry',
    band: [0, 76],
    reads: { shelves: reads.count('Shelves'), adjustable: reads.yesNo('Adjustable shelves') },
  },
  wardrobe: {
    name: 'Wardrobe',
    band: [0, 76],
    reads: { drawers: reads.count('Drawers'), hanging: reads.length('Hanging depth'), rod: reads.length('Rod length') },
  },
  cabinet: { name: 'Cabinet', band: [0, 36], reads: { drawers: reads.count('Drawers') } },
  'tall-cabinet': { name: 'Tall cabinet', band: [0, 76], reads: { drawers: reads.count('Drawers') } },
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
    reads: { room: reads.length('Wall to wall at the toilet', 'Across the seat, wall to wall') },
  },
  shower: {
    name: 'Shower',
    band: [0, 76],
    reads: {
      headroom: reads.length('Shower headroom', 'Pan to skylight'),
      closure: reads.choice('Closed by', 'glass', 'curtain', 'retractable screen'),
      length: reads.length('Inside length'),
      width: reads.length('Inside width'),
    },
  },
  tub: {
    name: 'Tub with shower',
    band: [0, 76],
    reads: {
      headroom: reads.length('Shower headroom', 'Tub floor to skylight'),
      closure: reads.choice('Closed by', 'glass', 'curtain', 'retractable screen'),
      length: reads.length('Inside length'),
      width: reads.length('Inside width'),
    },
  },
  'wet-bath': {
    name: 'Wet bath',
    band: [0, 76],
    reads: { headroom: reads.length('Headroom', 'Pan to ceiling or skylight') },
  },
  vanity: { name: 'Bath sink', band: [0, 36], reads: {} },
  linen: { name: 'Linen cabinet', band: [0, 76], reads: {} },
  washer: { name: 'Washer and dryer', band: [0, 60], reads: {} },
  'water-heater': { name: 'Water heater', band: [0, 18], reads: {} },
  ladder: { name: 'Ladder', band: [0, 60], reads: {} },
  'tie-downs': { name: 'Tie-downs', band: [0, 1], reads: { count: reads.count('Tie-downs') } },
} as const satisfies Record<string, { name: string; band: readonly [number, number]; on?: string; reads: ReadingSpecs }>
export type FixtureKind = keyof typeof FIXTURE_KINDS

/** What can be read on every berth. */
export const BERTH_READS = {
  mattressLength: reads.length('Mattress length', 'Head to foot, on the cushion'),
  mattressWidth: reads.length('Mattress width', 'At the shoulders'),
  weightLimit: reads.weight('Weight limit', 'Label on the bunk board'),
  headroom: reads.length('Headroom', 'Mattress top to whatever is above'),
  heightAboveFloor: reads.length('Height above the floor', 'Floor to mattress top'),
  guardHeight: reads.length('Guard above the mattress'),
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
  awning: { name: 'Awning', reads: { projection: reads.length('Projection'), power: reads.yesNo('Power') } },
  steps: { name: 'Steps', reads: { kind: reads.choice('Kind', 'solid', 'hung'), rating: reads.weight('Carries') } },
  'outside-kitchen': {
    name: 'Outside kitchen',
    reads: {
      fridge: reads.amount('Refrigerator', 'cu ft'),
      burners: reads.count('Burners'),
      griddle: reads.yesNo('Griddle'),
      sink: reads.yesNo('Sink'),
    },
  },
  'pass-through': {
    name: 'Pass-through door',
    reads: { doorWidth: reads.length('Door width'), doorHeight: reads.length('Door height') },
  },
  bay: { name: 'Bay door', reads: { doorWidth: reads.length('Door width'), doorHeight: reads.length('Door height') } },
  hookups: { name: 'Water hookups', reads: {} },
  'power-inlet': { name: 'Power inlet', reads: {} },
  'dump-valve': { name: 'Dump valve', reads: {} },
  'lp-connect': { name: 'LP quick connect', reads: {} },
  'outside-shower': { name: 'Outside shower', reads: {} },
  'tv-bracket': { name: 'TV bracket', reads: {} },
  speakers: { name: 'Speakers', reads: {} },
  'furnace-vent': { name: 'Furnace vent', reads: {} },
  receiver: { name: 'Rear receiver', reads: { rating: reads.weight('Carries') } },
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

/** Ratings of the tow vehicle. The lowest of them governs. */
export const VEHICLE_READS = {
  towRating: reads.weight('Tow rating', 'Owner’s manual, for this engine and axle'),
  payload: reads.weight('Payload', 'Yellow label in the driver’s door'),
  gcwr: reads.weight('GCWR', 'Owner’s manual'),
  curbWeight: reads.weight('Curb weight', 'Scale ticket, or the manual'),
  hitchTongue: reads.weight('Receiver, tongue weight', 'Label on the receiver, with weight distribution if used'),
  hitchTrailer: reads.weight('Receiver, trailer weight', 'Label on the receiver'),
  length: reads.length('Vehicle length', 'Bumper to receiver'),
  seats: reads.count('Seats with belts'),
} as const satisfies ReadingSpecs
export type VehicleKey = keyof typeof VEHICLE_READS
