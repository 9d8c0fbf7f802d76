import type { ReactNode } from 'react'
import type { PersonToken } from '@hitchet/core/household/tokens'
import type { Berth, Fixture, Plan, Slide, Window } from '@hitchet/core/plan/plan'
import { bounds, meets, type Point, type Shape } from '@hitchet/core/plan/shape/shape'
import { bay, bodiesAt, travelOf, type TimeOfDay } from '@hitchet/core/plan/times'
import { BERTH_KINDS, FIXTURE_KINDS } from '@hitchet/core/readings/catalogue'
import { formatQuantity, type MeasureSystem } from '@hitchet/core/quantity/format'
import { inches } from '@hitchet/core/quantity/quantity'
import { berthLabel, BerthMark, Sleepers, tokensReach } from './BerthMark'
import { FittedText, withoutOverlap, type Label } from './FittedText'
import { FixtureMark } from './FixtureMark'
import { heightFor, type Frame } from './frame'
import { OutsideMarks, TakenMarks } from './OutsideMarks'
import { Outline } from './Outline'
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
  /**
   * `shape`: rooms and beds, for a strip the size of a thumb. `labels`: with the beds' names and sizes, where
   * there is room to read them; `names`: with those of everything.
   */
  detail?: 'shape' | 'fixtures' | 'labels' | 'names'
  system?: MeasureSystem
  /** Drawn over the plan, in its inches. */
  over?: ReactNode
  /** What lies over all else and takes the hand itself. */
  inHand?: ReactNode
  /** Things can be chosen, by pointer and by keyboard. */
  pick?: Pick
  /** What lies over the plan is worked with: the drawing is a group, not a picture. */
  board?: boolean
}

export interface Pick {
  chosen?: string
  onPick(id: string): void
}

/** Radius of a token on the screen, pixels. */
const TOKEN = 10
/** What is no deeper than this is hidden by a TV over it, inches. */
const UNDER_TV = 24

/**
 * One trailer from above, to scale: hitch at the left, door side below. The only component that draws a
 * plan, at any scale and time of day. Slides and what rides in them move when the time changes.
 */
export function PlanStrip({
  plan,
  time,
  frame,
  scale,
  text,
  made = [],
  sleepers = [],
  detail = 'fixtures',
  system = 'us',
  over,
  inHand,
  pick,
  board,
}: PlanStripProps) {
  const { top, bottom } = heightFor(plan)
  const [width, height] = [frame.before + frame.after, bottom - top]
  // Slides are drawn where they are when out, and moved as a group; only what is there depends on the time.
  const present = bodiesAt(plan, time === 'night' ? 'night' : 'parked', made)
  const fixtures = detail === 'shape' ? [] : present.flatMap(({ fixture }) => fixture ?? [])
  const labels = detail === 'labels' || detail === 'names'
  const berths = present.flatMap(({ berth }) => (berth && !(time === 'road' && berth.canvasEnd) ? [berth] : []))
  const riding = (id: string) => ({
    fixtures: fixtures.filter(({ slide }) => slide === id),
    berths: berths.filter(({ slide }) => slide === id),
  })
  const common = {
    plan,
    scale,
    labels,
    names: detail === 'names',
    system,
    night: time === 'night',
    all: berths,
    sleepers,
  }
  const fixedWindows = plan.windows.filter((window) => !plan.slides.some((slide) => ridesIn(plan, slide, window)))
  return (
    <svg
      role={pick || board ? 'group' : 'img'}
      aria-label={text}
      width={width * scale}
      height={height * scale}
      viewBox={`${-plan.box.tongue - frame.before} ${top} ${width} ${height}`}
      preserveAspectRatio="xMinYMin meet"
      style={{ display: 'block', overflow: 'visible', maxWidth: '100%', height: 'auto' }}
    >
      <g stroke="var(--h-colors-line)" strokeWidth={1 / scale}>
        <g data-layer="shell">
          {time !== 'road' && plan.canvasEnds.map((end) => <CanvasBay key={end.id} plan={plan} end={end} />)}
          <Box plan={plan} />
        </g>
        {plan.slides.map((slide) => (
          <Moving key={slide.id} slide={slide} inside={time === 'road'}>
            <g data-layer="slides">
              <SlideBay plan={plan} slide={slide} />
            </g>
          </Moving>
        ))}
        {time !== 'road' && plan.slides.map((slide) => <SlideThreshold key={slide.id} plan={plan} slide={slide} />)}
        <g data-layer="walls">
          <InsideWalls plan={plan} />
        </g>
        <g data-layer="furniture">
          <Contents
            {...common}
            fixtures={fixtures.filter(({ slide }) => !slide)}
            berths={berths.filter(({ slide }) => !slide)}
          />
        </g>
        {labels && (
          <g data-layer="taken inside">
            <TakenMarks plan={plan} scale={scale} />
          </g>
        )}
        <g data-layer="openings">
          {plan.doors.map((door) => (
            <DoorMark key={door.id} plan={plan} door={door} time={time} />
          ))}
          {fixedWindows.map((window) => (
            <WindowMark key={window.id} plan={plan} window={window} />
          ))}
        </g>
        {plan.slides.map((slide) => (
          <Moving key={slide.id} slide={slide} inside={time === 'road'}>
            <g data-layer="furniture in slides">
              <Contents {...common} {...riding(slide.id)} />
            </g>
            {plan.windows
              .filter((window) => ridesIn(plan, slide, window))
              .map((window) => (
                <WindowMark key={window.id} plan={plan} window={window} />
              ))}
          </Moving>
        ))}
        {time === 'parked' && (
          <g data-layer="outside">
            <OutsideMarks plan={plan} scale={scale} labels={labels} />
          </g>
        )}
        {over}
        {pick &&
          present.map(({ id, shape, fixture, berth }) => (
            <Target
              key={id}
              id={id}
              name={berth?.name ?? fixture?.name ?? FIXTURE_KINDS[fixture!.kind].name}
              shape={shape}
              pick={pick}
              scale={scale}
              travel={time === 'road' ? travelFor(plan, fixture ?? berth) : [0, 0]}
            />
          ))}
        {inHand}
      </g>
    </svg>
  )
}

function Moving({ slide, inside, children }: { slide: Slide; inside: boolean; children: React.ReactNode }) {
  const [dx, dy] = inside ? travelOf(slide) : [0, 0]
  return (
    <g style={{ transform: `translate(${dx}px, ${dy}px)`, transition: 'transform 420ms ease-in-out' }}>{children}</g>
  )
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
  names: boolean
  system: MeasureSystem
}

/** Low things first, then beds, then what hangs overhead, then people. */
function Contents({ plan, fixtures, berths, all, sleepers, night, scale, labels, names, system }: ContentsProps) {
  const overhead = ({ kind }: Fixture) => kind === 'overhead' || kind === 'microwave' || kind === 'tv'
  const lower = berths.filter((berth) => !isUpper(berth))
  const upper = berths.filter(isUpper)
  const isStacked = (berth: Berth) => isUpper(berth) && all.some((other) => bunkAbove(other, all) === berth)
  const inBed = ({ id }: Berth) => sleepers.find(({ berth }) => berth === id)?.people ?? []
  const tokensOn = (berth: Berth, twin?: Berth): number => {
    const above = twin ? inBed(twin).length : 0
    return night && inBed(berth).length + above > 0 ? tokensReach(berth, TOKEN / scale, above > 0) : 0
  }
  const told = [
    ...[...lower, ...upper.filter((berth) => !isStacked(berth))]
      .filter(() => labels)
      .map((berth) => {
        const twin = isUpper(berth) ? undefined : bunkAbove(berth, all)
        return berthLabel(berth, twin, tokensOn(berth, twin), system)
      }),
    ...fixtures
      .filter((fixture) => names && !overhead(fixture) && !crowded(fixture, fixtures))
      .map((fixture) => fixtureLabel(fixture, system)),
  ]
  return (
    <>
      {fixtures
        .filter((fixture) => !overhead(fixture))
        .map((fixture) => (
          <FixtureMark key={fixture.id} plan={plan} fixture={fixture} />
        ))}
      {[...lower, ...upper].map((berth) => (
        <BerthMark key={berth.id} berth={berth} made={night} />
      ))}
      {fixtures.filter(overhead).map((fixture) => (
        <FixtureMark key={fixture.id} plan={plan} fixture={fixture} />
      ))}
      {withoutOverlap(told, scale).map(({ id, ...label }) => (
        <FittedText key={id} {...label} scale={scale} />
      ))}
      {night &&
        [...lower, ...upper].map((berth) => {
          return (
            <Sleepers key={berth.id} berth={berth} people={inBed(berth)} upper={isStacked(berth)} r={TOKEN / scale} />
          )
        })}
    </>
  )
}

/**
 * An oven lies under its cooktop, a counter with a sink in it has no room for its own name, nor has what is no deeper
 * than the TV that hangs over it.
 */
function crowded({ kind, shape }: Fixture, all: readonly Fixture[]): boolean {
  if (kind === 'oven' || kind === 'hood') return true
  const own = bounds(shape)
  const over = (kinds: readonly Fixture['kind'][]) =>
    all.some((other) => kinds.includes(other.kind) && meets(bounds(other.shape), own))
  if (kind === 'counter' || kind === 'island') return over(['sink', 'cooktop'])
  return Math.min(own.x1 - own.x0, own.y1 - own.y0) < UNDER_TV && over(['tv'])
}

/** Name and ground, where both or one of them fit. */
function fixtureLabel({ id, kind, name: own, shape }: Fixture, system: MeasureSystem): Label {
  const zone = bounds(shape)
  const name = own ?? FIXTURE_KINDS[kind].name
  const plain = (value: number) => formatQuantity(inches(value), system).replace(/ (in|cm)$/, '')
  const size = `${plain(zone.x1 - zone.x0)} × ${plain(zone.y1 - zone.y0)}`
  return {
    id,
    wordings: [`${name} ${size}`, name, name.split(' and ')[0]!, name.split(' ').at(-1)!],
    zone,
    size: 9.5,
    halo: true,
  }
}

/** Ground that can be pressed. Drawn last and not filled, so that it lies over what it names. */
function Target({
  id,
  name,
  shape,
  pick,
  scale,
  travel: [dx, dy],
}: {
  id: string
  name: string
  shape: Shape
  pick: Pick
  scale: number
  travel: Point
}) {
  const chosen = pick.chosen === id
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={name}
      aria-pressed={chosen}
      data-pick={id}
      onClick={() => pick.onPick(id)}
      onKeyDown={(event) => (event.key === 'Enter' || event.key === ' ') && (event.preventDefault(), pick.onPick(id))}
      style={{ cursor: 'pointer' }}
      transform={`translate(${dx} ${dy})`}
    >
      <title>{name}</title>
      <Outline
        shape={shape}
        fill="transparent"
        stroke={chosen ? 'var(--h-colors-green)' : 'none'}
        strokeWidth={3 / scale}
      />
    </g>
  )
}

function travelFor(plan: Plan, one: Fixture | Berth | undefined): Point {
  const slide = plan.slides.find(({ id }) => id === one?.slide)
  return slide ? travelOf(slide) : [0, 0]
}

const isUpper = ({ kind }: Berth): boolean => BERTH_KINDS[kind].upper

/** The upper bunk that hangs over a lower one. */
function bunkAbove(lower: Berth, all: readonly Berth[]): Berth | undefined {
  if (isUpper(lower)) return undefined
  const own = bounds(lower.shape)
  return all.find((other) => isUpper(other) && meets(bounds(other.shape), own))
}

/** Whether a window sits in a slide's outer walls. */
function ridesIn(plan: Plan, slide: Slide, { from, to }: Window): boolean {
  const { x0, y0, x1, y1 } = bay(plan, slide)
  const reach = plan.box.wall + 1
  const [x, y] = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2]
  const beyond = x < 0 || y < 0 || x > plan.box.length || y > plan.box.width
  return beyond && x >= x0 - reach && x <= x1 + reach && y >= y0 - reach && y <= y1 + reach
}
