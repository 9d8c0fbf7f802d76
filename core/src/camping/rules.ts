import { USUAL_CLIMATES, type Climates } from '../household/climate'

/** What living in it takes, while nobody says otherwise. Gallons, watts, BTU, F, shares of one. */
export interface CampingRules {
  /** The kinds of country people camp in, by their ordinary year. */
  climates: Climates
  waterPerGallon: number
  /** BTU in a pound of propane. */
  propane: number
  /** Of what furnace and water heater burn, what warms. */
  burnerEfficiency: number
  /** Of the furnace’s warmth, what reaches the room through its ducts. */
  ducts: number
  /** Kept inside; how much cooler those who spare keep it; what AC holds. */
  warm: number
  sparingWarm: number
  cool: number
  /** Of the R value that a maker claims, what the whole wall with its frame keeps. */
  claimedInsulation: number
  /** An electric fireplace, BTU/h, where there is power. */
  fireplace: number
  /** Warmth of one person at rest, BTU/h. */
  bodyHeat: number
  /** Electric: always on, lights of an evening, a fan in the heat, TV, each person's devices a day (Wh), a CPAP, its humidifier. */
  idle: number
  lights: number
  fan: number
  tv: number
  devices: number
  cpap: number
  humidifier: number
  /** A compressor refrigerator on average at 75 F: so much, and so much a cubic foot; one for the house. */
  fridge: number
  fridgePerFoot: number
  houseFridge: number
  /** Refrigerator on gas, BTU/h at 75 F, and its board. */
  gasFridge: number
  gasFridgeBoard: number
  /** More or less of it for each degree. */
  fridgePerDegree: number
  inverterEfficiency: number
  /** Watt-hours a gallon pumped. */
  pump: number
  /** Furnace fan, watts for each 1,000 BTU/h of its rating. */
  furnaceFan: number
  /** Panels lying flat: heat, dirt, wire and controller (shares), and what shade leaves. */
  panelEfficiency: number
  halfShade: number
  deepShade: number
  /** What the converter charges with from a generator, W. */
  converter: number
  /** What the vehicle charges a battery with on the road, W; hours they drive when they do not say. */
  vehicleCharge: number
  usualDrive: number
  /** Burned for cooking a day, BTU: so much, and so much for each person. */
  cooking: number
  cookingPerPerson: number
  /** Of the tap and of a shower, F. */
  coldWater: number
  hotWater: number
}

export const CAMPING_RULES: CampingRules = {
  climates: USUAL_CLIMATES,
  waterPerGallon: 8.34, // NIST
  propane: 21_500, // US EIA, NFPA 58 (from memory)
  burnerEfficiency: 0.75, // makers' plates: output about three quarters of input (from memory)
  ducts: 0.85, // the rest warms what lies under the floor (common practice)
  warm: 65, // as a trailer is kept on a cold night (common practice)
  sparingWarm: 58, // under good blankets (common practice)
  cool: 78, // what one AC is asked to hold on a hot day (common practice)
  claimedInsulation: 0.6, // claims are of the foam between the studs (ASHRAE Fundamentals on framing, from memory)
  fireplace: 5_100, // 1,500 W at 3.412 BTU/h a watt
  bodyHeat: 250, // one at rest, about 75 W (ASHRAE Fundamentals, from memory)
  idle: 6, // detectors, radio and boards: half an ampere (common practice)
  lights: 15,
  fan: 20,
  tv: 40,
  devices: 20, // a telephone and part of a tablet
  cpap: 30, // without its heated humidifier (makers' data sheets, from memory)
  humidifier: 30, // with its heated hose, which about doubles it (makers' data sheets, from memory)
  fridge: 15, // 10 cu ft on 12 V: 35 W on average, 70 Ah a day (makers' data sheets, from memory)
  fridgePerFoot: 2,
  houseFridge: 60, // on 120 V, 16 cu ft: 1.4 kWh a day (from memory)
  gasFridge: 1_350, // 1,200-1,500 BTU/h (common practice)
  gasFridgeBoard: 6,
  fridgePerDegree: 0.02,
  inverterEfficiency: 0.88,
  pump: 0.6, // 7 A at 12 V and 2.5 gal/min
  furnaceFan: 2.7, // 7 A at 30,000 BTU/h (makers' data sheets, from memory)
  panelEfficiency: 0.75,
  halfShade: 0.5,
  deepShade: 0.15, // under trees
  converter: 600, // 45 A
  vehicleCharge: 100, // 5-10 A through the seven-way plug and a long thin wire (common practice)
  usualDrive: 3,
  cooking: 6_000, // coffee and one warm meal
  cookingPerPerson: 1_000,
  coldWater: 55,
  hotWater: 105,
}
