/** Who can lie where, and how well. Lengths in inches. */
export interface NightRules {
  /** Mattress beyond the sleeper's height, least and comfortable. */
  lengthSpare: number
  lengthComfort: number
  /** The same of who lives in it, and what a mattress is wider than the least. */
  lengthDwelling: number
  widthDwelling: number
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
  /** Of an upper bunk where a child under this age lies: how far its guard stands above the mattress at the least. */
  guardLeast: number
  guardUnder: number
  /** Nobody counts on two in an upper bunk narrower than this. */
  upperPair: number
  /** Brothers and sisters both under this share a bed without being asked, from this age on. */
  shareUnder: number
  shareFrom: number
  /** From this age on nobody sleeps in a crib, whatever was noted once. */
  cribUntil: number
  /** Under this age a child doesn't lie in a berth: it has a crib, or is asked about. */
  berthFrom: number
  /** From this age on, or for who does not climb, a bed is neither climbed to nor made up gladly. */
  frailFrom: number
  /** So far a mattress may be longer or wider than it was drawn; beyond it the drawing says no. */
  drawnTolerance: number
  /** A folding crib, set up: length and width. */
  crib: [number, number]
  /** Up to so many pounds a dog's own bed is so long and so wide; the last row takes whatever is heavier. */
  dogBeds: [upTo: number, length: number, width: number][]
  /** Up to so many pounds a dog takes so much of a mattress beside people. */
  dogWidths: [upTo: number, width: number][]
  comfort: ComfortRules
}

/**
 * What makes one bed better than another for those it takes, in points. Three sizes: below 100 what is only
 * noticed; from 500 what nobody is content with every night, so that nobody lies so who could lie well; `noWay`
 * above the price of one more bed to make up.
 */
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
  frailOnLadder: number
  /** Two grown people in one bunk. */
  twoInBunk: number
  floorMat: number
  /** A grown person on what has to be made up: one of the household, a guest; and more for who is frail. */
  hostMadeUp: number
  frailMadeUp: number
  adultMadeUp: number
  /** A guest in a bed that is always there: the hosts keep theirs. */
  guestInBed: number
  /** Sitting height as a share of stature, and the points for less headroom. */
  sitUpShare: number
  lowHeadroom: number
  /** The same for a grown person. */
  cannotSitUp: number
  /** Of two who do not climb or are up at night, one inside a bed with one free side. */
  stuckInside: number
  upAtNightOnLadder: number
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
  noDog: number
  /** No floor anywhere for a crib; for a crate or a dog's bed. */
  noCrib: number
  /** The same for a child that has to lie in one: as much as somebody without a berth. */
  infantNoCrib: number
  noFloor: number
}

export const NIGHT_RULES: NightRules = {
  lengthSpare: 2, // feet point down in sleep: height and 2 in is the least (common practice)
  lengthComfort: 4, // "4 in over the tallest" is where nobody complains (common practice)
  lengthDwelling: 6, // a bed at home: 80 in for 6 ft 2 in (common practice)
  widthDwelling: 4, // room to turn over every night of the year (common practice)
  widthAdult: 25, // shoulders of a broad man 22 in (ANSUR II, 2012, men 95th 56 cm, from memory) and 3 in to turn
  widthTeen: 24,
  widthChild: 22,
  pairAdult: 24, // two adults on 48 in; a booth bed of 40-44 in does not take them (common practice)
  pairChild: 18, // two small children on 36 in and more (common practice)
  teenFrom: 13,
  adultFrom: 18,
  upperBunkFrom: 6, // 16 CFR 1213 and 1513 (from memory): not for children under 6
  guardLeast: 5, // 16 CFR 1213.3: no less than 5 in above the mattress (from memory)
  guardUnder: 13,
  upperPair: 48, // two of the width of an adult pair
  shareUnder: 10,
  shareFrom: 2,
  cribUntil: 3, // common practice
  berthFrom: 2, // CPSC: no child under two in an adult bed; AAP safe sleep: a firm, flat surface of its own (both from memory)
  frailFrom: 60, // common practice
  drawnTolerance: 3, // a mattress is drawn to the inch, and its frame is an inch or two more (common practice)
  crib: [40, 28], // common practice
  // Beds as they are sold by the dog's weight; curled up beside people it takes about two thirds of that (common practice).
  dogBeds: [
    [25, 24, 18],
    [50, 30, 20],
    [75, 36, 24],
    [100, 42, 28],
    [400, 48, 30],
  ],
  dogWidths: [
    [25, 10],
    [50, 12],
    [75, 16],
    [100, 18],
    [400, 20],
  ],
  // The order of these is common practice, their size a choice.
  comfort: {
    short: 500,
    widthToSpare: 4,
    narrow: 2,
    sharing: 10,
    climbOver: 5,
    openCurtain: 2,
    open: 4,
    childInBed: 3,
    adultInBunk: 4,
    adultOnLadder: 8,
    frailOnLadder: 1000,
    twoInBunk: 800,
    floorMat: 800,
    hostMadeUp: 750,
    frailMadeUp: 700,
    adultMadeUp: 8,
    guestInBed: 6,
    sitUpShare: 0.52, // sitting height is about 52 % of stature (ANSUR II, 2012, from memory)
    lowHeadroom: 2,
    cannotSitUp: 600,
    stuckInside: 800,
    upAtNightOnLadder: 700,
    passing: 3,
    nightTrips: 3,
    noWay: 150_000,
    longWay: 180,
    farToilet: 4,
    noOutlet: 900,
    unknownOutlet: 300,
    noOwnRoom: 1000,
    ownRoomCurtain: 700,
    ownRoomShared: 700,
    noDog: 500,
    noCrib: 900,
    infantNoCrib: 85_000_000,
    noFloor: 300,
  },
}
