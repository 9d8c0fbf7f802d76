import { readdirSync, readFileSync } from 'node:fs'
import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import { parseTrailer } from '@hitchet/core/formats/document'
import type { Plan } from '@hitchet/core/plan/plan'
import { berth, conversion, emptyPlan, fixture, unit } from '@hitchet/core/testing/unit'
import { frameFor, heightFor } from './frame'
import { MarginBar } from './MarginBar'
import { planText } from '@hitchet/core/yard/planText'
import { PlanStrip, type PlanStripProps } from './PlanStrip'
import { Ruler } from './Ruler'

const yard = new URL('../../demo/yard/', import.meta.url)
const trailers = readdirSync(yard).map((name) => parseTrailer(readFileSync(new URL(name, yard), 'utf8')).document!)

const draw = (plan: Plan, given: Partial<PlanStripProps> = {}) =>
  renderToStaticMarkup(
    <PlanStrip plan={plan} time="parked" frame={frameFor([plan])} scale={1.5} text="a strip" {...given} />,
  )
const numbers = (markup: string, pattern: RegExp) =>
  [...markup.matchAll(pattern)].map((match) => match.slice(1).map(Number))

const sofa = { id: 'sofa', slide: 's' }
const withSlide = emptyPlan({
  slides: [{ id: 's', wall: 'off-door', start: 60, length: 100, depth: 36 }],
  fixtures: [
    fixture('tri-fold-sofa', [70, -34, 70, 36], {}, sofa),
    fixture('fridge', [10, 66, 28, 28], { capacity: 8 }),
  ],
  berths: [
    berth('tri-fold', 60, 74, {
      id: 'sofa-bed',
      name: 'Sofa bed',
      conversion: 'make',
      slide: 's',
      head: 'off-door',
      shape: { rect: [70, -34, 60, 74] },
    }),
  ],
  conversions: [conversion('make', { uses: ['sofa'] })],
})
const people = [{ id: 'ro', name: 'Ro', initials: 'Ro', color: 0 }]

describe('a strip is to scale', () => {
  it('its picture is as wide as its frame times the scale, couplers in line', () => {
    const short = emptyPlan({ box: { length: 170, width: 90, wall: 2, tongue: 36, bumper: 6 } })
    const frame = frameFor([withSlide, short])
    for (const plan of [withSlide, short]) {
      const [[left, , width]] = numbers(
        draw(plan, { frame, scale: 1.5 }),
        /viewBox="(-?[\d.]+) (-?[\d.]+) ([\d.]+) ([\d.]+)"/g,
      ) as [[number, number, number]]
      expect(width).toBe(frame.before + frame.after)
      // The coupler stands `before` inches from the left edge on every strip.
      expect(-plan.box.tongue - left).toBe(frame.before)
    }
    expect(draw(short, { frame, scale: 1.5 })).toContain(`width="${(frame.before + frame.after) * 1.5}"`)
  })

  it('the ruler counts feet from the coupler', () => {
    const frame = frameFor([withSlide])
    const markup = renderToStaticMarkup(<Ruler frame={frame} scale={2} />)
    const ticks = numbers(markup, /<line x1="([\d.]+)"/g).map(([x]) => x!)
    expect(ticks[0]).toBe(frame.before * 2)
    expect(ticks[1]! - ticks[0]!).toBe(24)
    expect(ticks).toHaveLength(Math.floor(frame.after / 12) + 1)
  })

  it('there is room above for a slide and below for the steps', () => {
    expect(heightFor(withSlide).top).toBeLessThan(-36)
    expect(heightFor(emptyPlan()).top).toBeGreaterThan(-10)
    expect(heightFor(emptyPlan()).bottom).toBeGreaterThan(96)
  })
})

describe('the three times of day', () => {
  it('on the road the slide and all that rides in it move in by its depth', () => {
    expect(draw(withSlide, { time: 'road' })).toContain('translate(0px, 36px)')
    expect(draw(withSlide)).not.toContain('translate(0px, 36px)')
  })

  it('at night a made-up bed shows its sleeper, parked it does not', () => {
    const night = draw(withSlide, {
      time: 'night',
      made: ['make'],
      sleepers: [{ berth: 'sofa-bed', people }],
      detail: 'labels',
    })
    expect(night).toContain('>Ro</text>')
    expect(night).toContain('Sofa bed 60 × 74')
    expect(draw(withSlide, { sleepers: [{ berth: 'sofa-bed', people }], detail: 'labels' })).not.toContain('Ro</text>')
  })

  it('canvas ends are gone on the road', () => {
    const hybrid = emptyPlan({
      canvasEnds: [{ id: 'c', wall: 'front', start: 18, length: 60, depth: 54 }],
      berths: [berth('canvas-end', 60, 78, { name: 'Canvas bed', canvasEnd: 'c', shape: { rect: [-52, 18, 54, 60] } })],
    })
    expect(draw(hybrid, { detail: 'labels' })).toContain('60 × 78')
    expect(draw(hybrid, { time: 'road', detail: 'labels' })).not.toContain('60 × 78')
  })
})

describe('labels', () => {
  const queen = (length: number, width: number) =>
    emptyPlan({ berths: [berth('bed', width, length, { name: 'Queen', shape: { rect: [20, 20, length, width] } })] })
  it('a mattress nobody measured says so', () =>
    expect(
      draw(
        emptyPlan({
          berths: [berth('bed', undefined, undefined, { name: 'Queen', shape: { rect: [20, 20, 80, 60] } })],
        }),
        { detail: 'labels' },
      ),
    ).toContain('Queen: measure'))
  it('what does not fit its bed is shortened, then left out', () => {
    expect(draw(queen(80, 60), { detail: 'labels', scale: 2 })).toContain('Queen 60 × 80')
    expect(draw(queen(80, 60), { detail: 'labels', scale: 1 })).not.toContain('Queen 60 × 80')
    expect(draw(queen(80, 60), { detail: 'labels', scale: 0.3 })).not.toContain('60 × 80')
  })
  it('are left to larger pictures', () => expect(draw(queen(80, 60))).not.toContain('Queen'))
  it('two bunks over each other are told in one', () => {
    const bunks = emptyPlan({
      berths: [berth('bunk', 40, 74, { name: 'Lower' }), berth('upper-bunk', 40, 74, { name: 'Upper' })],
    })
    expect(draw(bunks, { detail: 'labels', scale: 2.4 })).toContain('Two bunks 40 × 74')
  })
})

describe('in words, for those who do not see it', () => {
  const trailer = unit(withSlide)
  it('the same facts: length, beds, what stands where, who sleeps where', () => {
    const text = planText(trailer, 'night', 'us', [{ berth: 'sofa-bed', people }])
    expect(text).toContain('Testmake 20 T from above, at night, beds made, 24 ft long, hitch at the left.')
    expect(text).toContain('refrigerator and tri-fold sofa')
    expect(text).toContain('Ro in the Sofa bed.')
  })

  it('every picture carries it', () =>
    expect(draw(withSlide, { text: 'said' })).toMatch(/^<svg role="img" aria-label="said"/))
})

describe.each(trailers.map((trailer) => [trailer.stock, trailer] as const))('%s of the demo', (_, trailer) => {
  it('is drawn in all times of day without a figure that is none', () => {
    for (const time of ['parked', 'night', 'road'] as const) {
      const markup = draw(trailer.plan, { time, made: trailer.plan.conversions.map(({ id }) => id), detail: 'labels' })
      expect(markup).not.toMatch(/NaN|undefined|Infinity/)
    }
  })
})

describe('the margin bar', () => {
  const bar = (
    ...[verdict, margin]: [Parameters<typeof MarginBar>[0]['verdict'], Parameters<typeof MarginBar>[0]['margin']?]
  ) => {
    const markup = renderToStaticMarkup(<MarginBar verdict={verdict} margin={margin} />)
    const [[x, width]] = numbers(markup, /<rect x="([\d.]+)" y="3" width="([\d.]+)"/g) as [[number, number]]
    return { from: x, to: x + width, markup }
  }
  const center = 66
  it('what is to spare grows to the right, what is short to the left', () => {
    expect(bar('fits', { value: 6, unit: 'in', plenty: 12 })).toMatchObject({ from: center })
    expect(bar('no', { value: -6, unit: 'in', plenty: 12 }).to).toBe(center)
  })
  it('twice as much is twice as long, and plenty is full', () => {
    const long = (value: number) => bar('fits', { value, unit: 'in', plenty: 12 }).to - center
    expect(long(6)).toBeCloseTo(2 * long(3), 6)
    expect(long(12)).toBe(long(40))
  })
  it('each verdict has a pattern of its own, and what is to be measured is hollow on the line', () => {
    const fills = (['fits', 'tight', 'no', 'measure'] as const).map(
      (verdict) => /fill="([^"]+)"/.exec(bar(verdict).markup)![1],
    )
    expect(new Set(fills).size).toBe(4)
    const { from, to, markup } = bar('measure')
    expect((from + to) / 2).toBe(center)
    expect(markup).toContain('fill="none"')
  })
})
