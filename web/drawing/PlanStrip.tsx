import type { PersonToken } from '@hitchet/core/household/tokens'
import type { Berth, Fixture, Plan, Slide, Window } from '@hitchet/core/plan/plan'
import { bounds } from '@hitchet/core/plan/shape'
import { bay, bodiesAt, travelOf, type TimeOfDay } from '@hitchet/core/plan/times'
import { BERTH_KINDS } from '@hitchet/core/readings/catalogue'
import type { MeasureSystem } from '@hitchet/core/quantity/format'
import { BerthLabel, BerthMark, Sleepers } from './BerthMark'
import { FixtureMark } from './FixtureMark'
import { heightFor, type Frame } from './frame'
import { OutsideMarks } from './OutsideMarks'
import { Box, CanvasBay, DoorMark, InsideWalls, SlideBay, SlideThreshold, WindowMark } from './Shell'

export interface StripSleepers {
  berth: string
  people: PersonToken[]
}

export interface PlanStripProps {
  plan: Plan
  time: TimeOfDay
  frame: Frame
  /** Pixels per inch. */
  scale: number
  /** The same in words, for those who do not see it. */
  text: string
  /** Conversions made up for the night, by id. */
  made?: readonly string[]
  sleepers?: readonly StripSleepers[]
  /** `shape`: rooms and beds, for a strip the size of a thumb. `labels`: with words, where there is room to read them. */
  detail?: 'shape' | 'fixtures' | 'labels'
  system?: MeasureSystem
}

/** Radius of a token on the screen, pixels. */
const TOKEN = 10

/**
 * One trailer from above, to scale: hitch at the left, door side below. The only component that draws a
 * plan, at any scale and time of day. Slides and what rides in them move when the time changes.
 */
export function PlanStrip({ plan, time, frame, scale, text, made = [], sleepers = [], detail = 'fixtures', system = 'us' }: PlanStripProps) {
  const { top, bottom } = heightFor(plan)
  const [width, height] = [frame.before + frame.after, bottom - top]
  // Slides are drawn where they are when out, and moved as a group; only what is there depends on the time.
  const present = bodiesAt(plan, time === 'night' ? 'night' : 'parked', made)
  const fixtures = detail === 'shape' ? [] : present.flatMap(({ fixture }) => fixture ?? [])
  const labels = detail === 'labels'
  const berths = present.flatMap(({ berth }) => (berth && !(time === 'road' && berth.canvasEnd) ? [berth] : []))
  const riding = (id: string) => ({ fixtures: fixtures.filter(({ slide }) => slide === id), berths: berths.filter(({ slide }) => slide === id) })
  const common = { plan, scale, labels, system, night: time === 'night', all: berths, sleepers }
  const fixedWindows = plan.windows.filter((window) => !plan.slides.some((slide) => ridesIn(plan, slide, window)))
  return (
    <svg role="img" aria-label={text} width={width * scale} height={height * scale} viewBox={`${-plan.box.tongue - frame.before} ${top} ${width} ${height}`} preserveAspectRatio="xMinYMin meet" style={{ display: 'block', overflow: 'visible', maxWidth: '100%', height: 'auto' }}>
      <g stroke="var(--h-colors-line)" strokeWidth={1 / scale}>
        {time !== 'road' && plan.canvasEnds.map((end) => <CanvasBay key={end.id} plan={plan} end={end} />)}
        <Box plan={plan} />
        {plan.slides.map((slide) => (
          <Moving key={slide.id} slide={slide} inside={time === 'road'}>
            <SlideBay plan={plan} slide={slide} />
          </Moving>
        ))}
        {time !== 'road' && plan.slides.map((slide) => <SlideThreshold key={slide.id} plan={plan} slide={slide} />)}
        <InsideWalls plan={plan} />
        <Contents {...common} fixtures={fixtures.filter(({ slide }) => !slide)} berths={berths.filter(({ slide }) => !slide)} />
        {plan.doors.map((door) => (
          <DoorMark key={door.id} plan={plan} door={door} time={time} />
        ))}
        {fixedWindows.map((window) => (
          <WindowMark key={window.id} plan={plan} window={window} />
        ))}
        {plan.slides.map((slide) => (
          <Moving key={slide.id} slide={slide} inside={time === 'road'}>
            <Contents {...common} {...riding(slide.id)} />
            {plan.windows.filter((window) => ridesIn(plan, slide, window)).map((window) => (
              <WindowMark key={window.id} plan={plan} window={window} />
            ))}
          </Moving>
        ))}
        {time === 'parked' && <OutsideMarks plan={plan} scale={scale} labels={labels} />}
      </g>
    </svg>
  )
}

function Moving({ slide, inside, children }: { slide: Slide; inside: boolean; children: React.ReactNode }) {
  const [dx, dy] = inside ? travelOf(slide) : [0, 0]
  return <g style={{ transform: `translate(${dx}px, ${dy}px)`, transition: 'transform 420ms ease-in-out' }}>{children}</g>
}

interface ContentsProps {
  plan: Plan
  fixtures: Fixture[]
  berths: Berth[]
  /** All berths that are there, to find the bunk above another. */
  all: Berth[]
  sleepers: readonly StripSleepers[]
  night: boolean
  scale: number
  labels: boolean
  system: MeasureSystem
}

/** Low things first, then beds, then what hangs overhead, then people. */
function Contents({ plan, fixtures, berths, all, sleepers, night, scale, labels, system }: ContentsProps) {
  const overhead = ({ kind }: Fixture) => kind === 'overhead' || kind === 'microwave' || kind === 'tv'
  const lower = berths.filter((berth) => !isUpper(berth))
  const upper = berths.filter(isUpper)
  return (
    <>
      {fixtures.filter((fixture) => !overhead(fixture)).map((fixture) => (
        <FixtureMark key={fixture.id} plan={plan} fixture={fixture} />
      ))}
      {[...lower, ...upper].map((berth) => (
        <BerthMark key={berth.id} berth={berth} made={night} />
      ))}
      {fixtures.filter(overhead).map((fixture) => (
        <FixtureMark key={fixture.id} plan={plan} fixture={fixture} />
      ))}
      {labels && lower.map((berth) => <BerthLabel key={berth.id} berth={berth} twin={bunkAbove(berth, all)} scale={scale} system={system} />)}
      {labels && upper.filter((berth) => !all.some((other) => bunkAbove(other, all) === berth)).map((berth) => <BerthLabel key={berth.id} berth={berth} scale={scale} system={system} />)}
      {night &&
        [...lower, ...upper].map((berth) => {
          const people = sleepers.find((one) => one.berth === berth.id)?.people ?? []
          const stacked = isUpper(berth) && all.some((other) => bunkAbove(other, all) === berth)
          return <Sleepers key={berth.id} berth={berth} people={people} upper={stacked} r={TOKEN / scale} />
        })}
    </>
  )
}

const isUpper = ({ kind }: Berth): boolean => BERTH_KINDS[kind].upper

/** The upper bunk that hangs over a lower one. */
function bunkAbove(lower: Berth, all: readonly Berth[]): Berth | undefined {
  if (isUpper(lower)) return undefined
  const own = bounds(lower.shape)
  return all.find((other) => {
    const box = bounds(other.shape)
    return isUpper(other) && box.x0 < own.x1 && own.x0 < box.x1 && box.y0 < own.y1 && own.y0 < box.y1
  })
}

/** Whether a window sits in a slide's outer walls. */
function ridesIn(plan: Plan, slide: Slide, { from, to }: Window): boolean {
  const { x0, y0, x1, y1 } = bay(plan, slide)
  const reach = plan.box.wall + 1
  const [x, y] = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2]
  const beyond = x < 0 || y < 0 || x > plan.box.length || y > plan.box.width
  return beyond && x >= x0 - reach && x <= x1 + reach && y >= y0 - reach && y <= y1 + reach
}
