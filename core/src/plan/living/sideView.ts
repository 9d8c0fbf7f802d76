import { BERTH_KINDS, FIXTURE_KINDS } from '../../readings/catalogue'
import { figure, type Readings } from '../../readings/reading'
import { LOUNGE_KINDS, TABLE_KINDS } from './seats'
import type { Plan } from '../plan'
import { bounds } from '../shape/shape'

/** A thing from the side, with its heights: what is known of them. Inches above the floor. */
export interface SideView {
  name: string
  /** How long it is drawn. */
  long: number
  /** What it takes up; its top is where somebody lies, sits, or works. */
  from: number
  to: number
  /** The top is as the kind usually is: nobody measured it. */
  usual: boolean
  /** What is over it, from the floor; absent: to be measured, as `above` says. */
  ceiling?: number
  above: 'headroom' | 'inside height of the slide' | 'interior height'
  /** Of a bunk: how high its guard stands over the mattress; absent: none, or not measured. */
  guard?: number
  /** What somebody does there. */
  pose: 'lying' | 'sitting' | 'standing'
}

/** Someone sits up on a mattress as high as this share of their height (ANSUR II, 2012: sitting height, from memory). */
export const SITTING = 0.53
/** On a seat one sits at this height (common practice); inches. */
const SEAT = 18
/** A shower's pan lies about so high (common practice); inches. */
export const PAN = 3

/** From the side: a bed, a shower, a seat, or what stands; undefined for what is seen from above only. */
export function sideView(plan: Plan, id: string, interior: number | undefined): SideView | undefined {
  const berth = plan.berths.find((one) => one.id === id)
  const over = (slide: string | undefined): Pick<SideView, 'ceiling' | 'above'> => {
    const rides = plan.slides.find((one) => one.id === slide)
    return rides
      ? { ceiling: figure(rides.readings, 'insideHeight'), above: 'inside height of the slide' }
      : { ceiling: interior, above: 'interior height' }
  }
  if (berth) {
    const measured = figure(berth.readings, 'heightAboveFloor')
    const band = BERTH_KINDS[berth.kind].band
    const to = measured ?? band[1]
    const headroom = figure(berth.readings, 'headroom')
    const { x0, x1, y0, y1 } = bounds(berth.shape)
    const lengthwise = berth.head === 'front' || berth.head === 'rear'
    return {
      name: berth.name,
      long: lengthwise ? x1 - x0 : y1 - y0,
      from: Math.max(band[0], to - MATTRESS),
      to,
      usual: measured === undefined,
      ...(headroom !== undefined && { ceiling: to + headroom }),
      above: 'headroom',
      guard: figure(berth.readings, 'guardHeight'),
      pose: 'lying',
    }
  }
  const fixture = plan.fixtures.find((one) => one.id === id)
  if (!fixture) return undefined
  const { x0, x1, y0, y1 } = bounds(fixture.shape)
  const common = { name: fixture.name ?? FIXTURE_KINDS[fixture.kind].name, long: Math.max(x1 - x0, y1 - y0) }
  if (fixture.kind === 'shower' || fixture.kind === 'tub' || fixture.kind === 'wet-bath')
    return {
      ...common,
      from: 0,
      to: PAN,
      usual: true,
      ...fromPan(fixture.readings),
      above: 'headroom',
      pose: 'standing',
    }
  const [from, to] = fixture.band ?? FIXTURE_KINDS[fixture.kind].band
  const seat =
    LOUNGE_KINDS.includes(fixture.kind) ||
    fixture.kind === 'booth' ||
    fixture.kind === 'u-dinette' ||
    fixture.kind === 'toilet'
  const table = !seat && (TABLE_KINDS as readonly string[]).includes(fixture.kind)
  return {
    ...common,
    from,
    to: seat ? SEAT : to,
    usual: seat || !fixture.band,
    ...over(fixture.slide),
    pose: seat || table ? 'sitting' : 'standing',
  }
}

/** A mattress and its board are drawn so thick, inches. */
const MATTRESS = 8

function fromPan(readings: Readings | undefined): Pick<SideView, 'ceiling'> {
  const headroom = figure(readings, 'headroom')
  return headroom === undefined ? {} : { ceiling: PAN + headroom }
}

/** How high the head of somebody comes there. */
export const headOf = ({ pose, to }: SideView, height: number): number =>
  pose === 'standing' ? (to <= PAN ? to : 0) + height : (pose === 'sitting' ? SEAT : to) + height * SITTING
