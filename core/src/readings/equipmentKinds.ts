import { reads, within, type ReadingSpecs } from './reading'

const TANK_AT = within(reads.length('Where it sits', 'Front wall to the middle of the tank'), [0, 800], [10, 440])

/** Where a trailer may carry a rack: in its rear receiver, folding out behind, over the tongue, on its roof. */
export const RACK_PLACES = ['rear receiver', 'folding, rear', 'tongue', 'roof'] as const
export type RackPlace = (typeof RACK_PLACES)[number]

/** Things a trailer has that need no place on the plan yet: tanks, power, gas, climate, gear at the hitch. */
export const EQUIPMENT_KINDS = {
  'fresh-tank': {
    name: 'Fresh tank',
    reads: { capacity: within(reads.amount('Capacity', 'gal'), [0, 1000], [2, 120]), at: TANK_AT },
  },
  'gray-tank': {
    name: 'Gray tank',
    reads: {
      capacity: within(reads.amount('Capacity', 'gal'), [0, 1000], [2, 120]),
      at: TANK_AT,
      dumpPoint: reads.count('Dump point'),
    },
  },
  'galley-tank': {
    name: 'Galley tank',
    reads: {
      capacity: within(reads.amount('Capacity', 'gal'), [0, 1000], [2, 120]),
      at: TANK_AT,
      dumpPoint: reads.count('Dump point'),
    },
  },
  'black-tank': {
    name: 'Black tank',
    reads: {
      capacity: within(reads.amount('Capacity', 'gal'), [0, 1000], [2, 90]),
      at: TANK_AT,
      dumpPoint: reads.count('Dump point'),
    },
  },
  'lp-cylinder': {
    name: 'LP cylinders',
    reads: {
      count: within(reads.count('Cylinders'), [1, 10], [1, 4]),
      size: within(reads.weight('Propane in each, full'), [1, 1000], [5, 100]),
      changeover: reads.choice('Changeover', 'automatic', 'manual'),
    },
  },
  battery: {
    name: 'Battery',
    reads: {
      count: within(reads.count('Batteries'), [1, 40], [1, 8]),
      group: reads.text('Group'),
      ampHours: within(reads.amount('Rated, each', 'Ah'), [1, 5000], [20, 600]),
      chemistry: reads.choice('Chemistry', 'lead-acid', 'AGM', 'LiFePO4'),
      disconnect: reads.yesNo('Disconnect'),
    },
  },
  solar: {
    name: 'Roof solar',
    reads: {
      watts: within(reads.amount('Panels', 'W'), [1, 20000], [10, 3000]),
      controllerAmps: within(reads.amount('Controller', 'A'), [1, 500], [5, 100]),
    },
  },
  'solar-port': { name: 'Portable solar plug', reads: { place: reads.text('Where') } },
  inverter: { name: 'Inverter', reads: { watts: within(reads.amount('Continuous', 'W'), [10, 50000], [100, 6000]) } },
  generator: {
    name: 'Generator',
    reads: {
      watts: within(reads.amount('Running', 'W'), [50, 50000], [500, 8000]),
      fuel: reads.choice('Fuel', 'gasoline', 'LP'),
    },
  },
  'air-conditioner': {
    name: 'Air conditioner',
    reads: {
      cooling: within(reads.amount('Cooling', 'BTU'), [500, 200000], [4000, 40000]),
      ducted: reads.yesNo('Ducted'),
    },
  },
  furnace: {
    name: 'Furnace',
    reads: {
      heating: within(reads.amount('Heating', 'BTU'), [500, 300000], [8000, 60000]),
      ducted: reads.yesNo('Ducted'),
    },
  },
  'water-heater': {
    name: 'Water heater',
    reads: {
      capacity: within(reads.amount('Tank', 'gal'), [0, 200], [1, 20]),
      recovery: within(reads.amount('Recovery', 'gal/h'), [0, 500], [4, 60]),
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
  rack: {
    name: 'Rack',
    reads: {
      place: reads.choice('Where', ...RACK_PLACES),
      carries: within(reads.weight('Carries', 'Label on the rack'), [5, 10000], [60, 1000]),
      at: within(reads.length('Middle of it', 'Front wall to the middle of the rack'), [0, 800], [10, 440]),
    },
  },
  added: {
    name: 'Fitted after the label',
    reads: {
      what: reads.text('What'),
      weight: within(reads.weight('Weight', 'Its own label or sheet, or a scale'), [1, 5000], [1, 600]),
      at: within(reads.length('Where it sits', 'Front wall to the middle of it'), [0, 800], [0, 440]),
    },
  },
} as const satisfies Record<string, { name: string; reads: ReadingSpecs }>
export type EquipmentKind = keyof typeof EQUIPMENT_KINDS
