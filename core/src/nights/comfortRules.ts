import { fixed, rule, type ValuesOf } from '../rule/rule'

const points = (value: number) =>
  fixed(value, 'Points of the solver: each size is proven against the others, so none can move by itself')

/**
 * What makes one bed better than another for those it takes, in points. Three sizes: below 100 what is only noticed;
 * from 500 what nobody is content with every night, so that nobody lies so who could lie well; `noWay` above the
 * price of one more bed to convert. Their order is common practice, their size a choice.
 */
export const COMFORT_RULES = {
  /** Less than the comfortable length. */
  short: points(500),
  /** Mattress width to spare, inches: less is narrow. */
  widthToSpare: points(4),
  narrow: points(2),
  /** Two in a bed who are no couple. */
  sharing: points(10),
  climbOver: points(5),
  /** A couple's bed with only a curtain before it, or nothing. */
  openCurtain: points(2),
  open: points(4),
  childInBed: points(3),
  adultInBunk: points(4),
  adultOnLadder: points(8),
  frailOnLadder: points(1000),
  /** Two adults in one bunk. */
  twoInBunk: points(800),
  floorMat: points(800),
  /** An adult on a converted bed: of the household, a guest; and more for who is frail. */
  hostMadeUp: points(750),
  frailMadeUp: points(700),
  adultMadeUp: points(8),
  /** A guest in a bed that is always there: the hosts keep theirs. */
  guestInBed: points(6),
  sitUpShare: rule(
    'Headroom to sit up in bed, of stature',
    0.52,
    'share',
    [0.45, 0.6],
    'Sitting height is about 52 % of stature (ANSUR II, 2012, from memory)',
  ),
  lowHeadroom: points(2),
  /** The same for an adult. */
  cannotSitUp: points(600),
  /** Of two who don't climb or are up at night, one inside a bed with one free side. */
  stuckInside: points(800),
  upAtNightOnLadder: points(700),
  /** Brushing past a bed that is slept in on the way to the toilet. */
  passing: points(3),
  /** How many times as much that, and climbing, weighs for those who are up at night. */
  nightTrips: points(3),
  /** No way to the toilet at all with what is converted. */
  noWay: points(150_000),
  longWay: rule('A long way to the toilet at night starts at', 180, 'in', [60, 480], 'Common practice', 12),
  farToilet: points(4),
  noOutlet: points(900),
  unknownOutlet: points(300),
  noOwnRoom: points(1000),
  ownRoomCurtain: points(700),
  /** Each bed slept in by others in a room that should be one's own. */
  ownRoomShared: points(700),
  noDog: points(500),
  /** No floor anywhere for a crib; for a crate or a dog's bed. */
  noCrib: points(900),
  /** The same for a child that has to lie in one: as much as somebody without a bed. */
  infantNoCrib: points(85_000_000),
  noFloor: points(300),
} as const

export type ComfortRules = ValuesOf<typeof COMFORT_RULES>
