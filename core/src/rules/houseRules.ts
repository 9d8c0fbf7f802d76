/**
 * The dealership's thresholds, each with the reason for its default. A manager may change them; nothing
 * else in the code holds a threshold. Lengths in inches, weights in pounds.
 */
export interface HouseRules {
  sleep: SleepRules
  tow: TowRules
  park: { tight: number }
  bath: BathRules
  galley: GalleyRules
  reach: ReachRules
  seating: SeatingRules
  stow: StowRules
  price: { tightShare: number }
  ranking: RankingRules
}

export interface RankingRules {
  /** How much each question weighs in the order. */
  weights: Record<
    'sleep' | 'exits' | 'reach' | 'seating' | 'stow' | 'tow' | 'park' | 'bath' | 'galley' | 'wishes' | 'price',
    number
  >
  /** What a verdict earns of its question's weight. */
  points: Record<'fits' | 'tight' | 'measure' | 'no', number>
}

export interface SleepRules {
  /** Mattress beyond the sleeper's height, least and comfortable. */
  lengthSpare: number
  lengthComfort: number
  /** Width one sleeper takes, by age. */
  widthAdult: number
  widthTeen: number
  widthChild: number
  /** Each of two side by side: shoulders may overlap, so a little less than alone. */
  pairAdult: number
  pairChild: number
  teenFrom: number
  adultFrom: number
  /** Youngest in an upper bunk. */
  upperBunkFrom: number
  /** Brothers and sisters both under this share a bed without being asked. */
  shareUnder: number
  comfort: ComfortRules
}

/** What makes one bed better than another for those it takes, in points: only their proportions matter, and all together never outweigh one bed that has to be made up. */
export interface ComfortRules {
  /** Less than the comfortable length; less width than this many inches to spare. */
  short: number
  widthToSpare: number
  narrow: number
  /** Two in a bed who are no couple. */
  sharing: number
  climbOver: number
  /** A couple's bed with only a curtain before it, or nothing. */
  openCurtain: number
  open: number
  childInBed: number
  adultInBunk: number
  adultOnLadder: number
  oldFrom: number
  oldOnLadder: number
  /** Sitting height as a share of stature, and the points for less headroom. */
  sitUpShare: number
  lowHeadroom: number
  /** Brushing past a bed that is slept in on the way to the toilet. */
  passing: number
  /** How many times as much that, and climbing, weighs for those who are up at night. */
  nightTrips: number
  /** No way to the toilet at all with what is made up. */
  noWay: number
  /** A way to the toilet longer than this, inches, for those who are up at night. */
  longWay: number
  farToilet: number
  noOutlet: number
  unknownOutlet: number
  noOwnRoom: number
  ownRoomCurtain: number
  /** Each bed slept in by others in a room that should be one's own. */
  ownRoomShared: number
  dogWidth: number
  noDog: number
  /** No floor for the crib by the parents' room, and none at all. */
  cribElsewhere: number
  noCrib: number
}

export interface TowRules {
  /** Left unused of every rating before it is called comfortable. */
  reserve: number
  tongueLeast: number
  tongueMost: number
  /** Clothes, food, dishes and bedding in the trailer, per person. */
  belongingsPerPerson: number
  /** Household of the trailer itself: hoses, leveling blocks, cookware, chairs. */
  campingKit: number
  /** Weight-distribution hitch, counted against payload. */
  hitchHardware: number
  waterPerGallon: number
  /** Fresh water on board when there is water where they camp. */
  freshShareWithHookups: number
  freshShareWithout: number
}

export interface BathRules {
  /** Room above the tallest under the shower before it is called comfortable. */
  headroomComfort: number
  /** Wall to wall at the toilet: elbows out, and the least. */
  elbowsOut: number
  elbowsLeast: number
  /** In front of the toilet, the least for the knees. */
  knees: number
  /** In front of the bath sink, the least to stand. */
  standAtBasin: number
  /** The circle one turns in under the shower: roomy, and the least. */
  turnRoomy: number
  turnLeast: number
  /** Most people who share one bath without a queue worth mentioning, and how many more a sink outside it takes. */
  peoplePerBath: number
  sinkOutsideTakes: number
  /** Younger ones are bathed, years. */
  tubUnder: number
}

export interface ReachRules {
  /** How wide a squeeze must be to be passed going sideways, with the shoulders straight, without a thought, and in a wheelchair. */
  sideways: number
  shoulder: number
  comfortable: number
  wheelchair: number
}

export interface SeatingRules {
  /** A work place has a window no farther than this, inches. */
  windowNear: number
  /** A head turned no farther than this all evening is not a twisted neck, degrees. */
  turn: number
  /** From farther aside than this a screen is no pleasure, degrees. */
  slant: number
}

export interface StowRules {
  /** Closet rod each asks, inches. */
  hangingPerPerson: number
  /** Clothes, shoes and towels each brings, cubic feet: always, and for every day until they wash. */
  clothesAlways: number
  clothesPerDay: number
  daysBetweenLaundry: number
  /** Dishes, pots and food each asks, cubic feet. */
  kitchenPerPerson: number
}

export interface GalleyRules {
  /** From this many at the table, three burners instead of two. */
  threeBurnersFrom: number
  fridgePerPersonDay: number
  /** Nobody expects more than this many days between shops. */
  daysBetweenShops: number
  fridgeTight: number
  prepLength: number
  prepLengthMany: number
  prepManyFrom: number
  prepDepth: number
  /** So much of a counter's front may have something before it. */
  blockedFront: number
  /** The largest pot, across, for few and for many. */
  pot: number
  potMany: number
  /** Inside depth of a cabinet that holds dinner plates, and one that holds cups. */
  plateDepth: number
  cupDepth: number
  /** How deep and how high an outside kitchen reaches into the inside behind it. */
  outsideKitchenTakes: { depth: number; height: number }
}

export const DEFAULT_HOUSE_RULES: HouseRules = {
  sleep: {
    lengthSpare: 2, // feet point down in sleep: height and 2 in is the least (common practice)
    lengthComfort: 4, // "4 in over the tallest" is where nobody complains (common practice)
    widthAdult: 25, // shoulders of a broad man 22 in (ANSUR II, 2012, men 95th 56 cm, from memory) and 3 in to turn
    widthTeen: 24,
    widthChild: 22,
    pairAdult: 24, // two adults on 48 in; a booth bed of 40-44 in does not take them (common practice)
    pairChild: 18, // two small children on 36 in and more (common practice)
    teenFrom: 13,
    adultFrom: 18,
    upperBunkFrom: 6, // 16 CFR 1213 and 1513 (from memory): not for children under 6
    shareUnder: 10,
    // The order of these is common practice, their size a choice.
    comfort: {
      short: 6,
      widthToSpare: 4,
      narrow: 2,
      sharing: 10,
      climbOver: 5,
      openCurtain: 2,
      open: 4,
      childInBed: 3,
      adultInBunk: 4,
      adultOnLadder: 8,
      oldFrom: 60,
      oldOnLadder: 20,
      sitUpShare: 0.52, // sitting height is about 52 % of stature (ANSUR II, 2012, from memory)
      lowHeadroom: 2,
      passing: 3,
      nightTrips: 3,
      noWay: 300,
      longWay: 180,
      farToilet: 4,
      noOutlet: 40,
      unknownOutlet: 6,
      noOwnRoom: 60,
      ownRoomCurtain: 25,
      ownRoomShared: 25,
      dogWidth: 12, // a middle-sized dog curled up (common practice)
      noDog: 15,
      cribElsewhere: 12,
      noCrib: 80,
    },
  },
  tow: {
    reserve: 0.1, // a tenth of every rating left: common practice
    tongueLeast: 0.1, // SAE J2807 (from memory): conventional trailer at least 10 %
    tongueMost: 0.15, // common practice: 10-15 % of the loaded trailer
    belongingsPerPerson: 75,
    campingKit: 150,
    hitchHardware: 80,
    waterPerGallon: 8.34, // NIST
    freshShareWithHookups: 0.25, // enough for the road
    freshShareWithout: 1,
  },
  park: { tight: 12 },
  bath: {
    headroomComfort: 2,
    elbowsOut: 24, // elbows out on the seat (common practice)
    elbowsLeast: 20, // bideltoid breadth of a broad man 22 in (ANSUR II, 2012, from memory), arms in front
    knees: 12,
    standAtBasin: 14, // as wide as someone turned sideways
    turnRoomy: 30, // 36 x 30 in is called roomy (common practice)
    turnLeast: 25, // about 24 x 24 in with a curtain is called too small (common practice)
    peoplePerBath: 4,
    sinkOutsideTakes: 1,
    tubUnder: 5, // common practice
  },
  galley: {
    threeBurnersFrom: 4,
    fridgePerPersonDay: 0.4, // cubic feet; from memory of household guides, tolerance a quarter
    daysBetweenShops: 4,
    fridgeTight: 1,
    prepLength: 18,
    prepLengthMany: 24,
    prepManyFrom: 5,
    prepDepth: 16,
    blockedFront: 18,
    pot: 10, // a six-quart pot (common practice)
    potMany: 12,
    plateDepth: 12, // common practice: 12 in holds plates, 5-6 in holds cups
    cupDepth: 5,
    outsideKitchenTakes: { depth: 20, height: 30 }, // its cabinet, floor to counter (common practice)
  },
  reach: {
    sideways: 14, // a grown person turned sideways (common practice)
    shoulder: 18, // shoulders straight, elbows in: most adults (common practice)
    comfortable: 24, // two pass by turning a little; carrying a bag
    wheelchair: 32, // clear width of a doorway for a wheelchair, 2010 ADA Standards 404.2.3 (from memory)
  },
  seating: { windowNear: 30, turn: 30, slant: 45 }, // common practice; half of the 60 degrees to either side that a head turns without the shoulders
  stow: { hangingPerPerson: 8, clothesAlways: 1.5, clothesPerDay: 0.3, daysBetweenLaundry: 7, kitchenPerPerson: 2 }, // common practice; measured off laundry bags and kitchen totes, tolerance a third
  price: { tightShare: 0.03 }, // fees and hitch work eat about this much (common practice)
  ranking: {
    weights: {
      sleep: 5,
      exits: 2,
      reach: 2,
      seating: 1,
      stow: 2,
      tow: 4,
      park: 1,
      bath: 2,
      galley: 2,
      wishes: 1,
      price: 2,
    }, // what cannot be changed later weighs most
    points: { fits: 1, tight: 0.5, measure: 0.35, no: 0 },
  },
}
