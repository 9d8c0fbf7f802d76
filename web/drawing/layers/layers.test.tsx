import { DEFAULT_HOUSE_RULES as RULES } from '@hitchet/core/rules/houseRules'
import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import { waysOut } from '@hitchet/core/plan/ways/exits'
import { findingsAt } from '@hitchet/core/plan/findings/findings'
import { heatBands } from '@hitchet/core/plan/floor/heat'
import { floorOf, wayOf } from '@hitchet/core/plan/ways/reach'
import { sightLines } from '@hitchet/core/plan/living/sight'
import { berth, emptyPlan, fixture } from '@hitchet/core/testing/unit'
import { Dimensions } from '../Dimensions'
import { ClearanceLayer } from './ClearanceLayer'
import { ExitLayer } from './ExitLayer'
import { FaultLayer } from './FaultLayer'
import { isEasy, SightLayer } from './SightLayer'
import { StorageLayer, WeightLayer } from './ThingsLayer'
import { WayLayer } from './WayLayer'

const bed = berth('bed', 60, 74, { id: 'bed', shape: { rect: [2, 16, 74, 60] }, access: ['rear'] })
const sofa = fixture('theater-seats', [100, 62, 40, 32], { seats: 1 }, { faces: 'off-door' })
const texts = (svg: string) =>
  [...svg.matchAll(/<text[^>]*>([^<]*(?:<!-- -->[^<]*)*)<\/text>/g)].map(([, text]) => text!.replaceAll('<!-- -->', ''))

describe('layers over a plan', () => {
  it('ways out: a whole ring and a 2 where there are two, a broken one and a 1 where there is one', () => {
    const drawn = (windows: ReturnType<typeof emptyPlan>['windows']) => {
      const plan = emptyPlan({ berths: [bed], windows })
      return renderToStaticMarkup(
        <ExitLayer plan={plan} exits={waysOut(floorOf(plan, 'night'), RULES.ways, true)} scale={2} />,
      )
    }
    const one = drawn([])
    expect(texts(one)).toEqual(['1'])
    expect(one).toMatch(/<circle[^>]*stroke-dasharray/)
    const two = drawn([{ id: 'w', kind: 'exit', from: [20, 0], to: [50, 0] }])
    expect(texts(two)).toEqual(['2'])
    expect(two).not.toMatch(/<circle[^>]*stroke-dasharray/)
  })

  it('a way bears the width of its narrowest spot, in the measure one reads', () => {
    const plan = emptyPlan({
      fixtures: [
        fixture('toilet', [10, 40, 19, 22]),
        fixture('tall-cabinet', [100, 2, 10, 36], {}, { id: 'a' }),
        fixture('tall-cabinet', [100, 57, 10, 37], {}, { id: 'b' }),
      ],
    })
    const way = wayOf(floorOf(plan, 'parked'), 'toilet')!
    expect(texts(renderToStaticMarkup(<WayLayer way={way} scale={2} system="us" />))).toEqual(['19 in'])
    expect(texts(renderToStaticMarkup(<WayLayer way={way} scale={2} system="metric" />))).toEqual(['48 cm'])
  })

  it('sight lines: solid straight across, broken where the neck turns, crossed where something stands between', () => {
    const drawn = (
      tv: [number, number, number, number],
      faces: 'door' | 'rear',
      ...more: ReturnType<typeof fixture>[]
    ) => {
      const sights = sightLines(emptyPlan({ fixtures: [sofa, fixture('tv', tv, {}, { faces }), ...more] }), 'parked')
      return {
        easy: sights.filter((one) => isEasy(one, RULES.seating)).length,
        svg: renderToStaticMarkup(<SightLayer sights={sights} rules={RULES.seating} scale={2} />),
      }
    }
    const across = drawn([100, 2, 40, 4], 'door')
    expect([across.easy, texts(across.svg)]).toEqual([1, ['0°']])
    expect(across.svg).not.toContain('stroke-dasharray')
    const aside = drawn([2, 60, 4, 30], 'rear')
    expect(aside.easy).toBe(0)
    expect(aside.svg).toContain('stroke-dasharray')
    expect(drawn([100, 2, 40, 4], 'door', fixture('fridge', [110, 20, 28, 28])).svg).toContain('var(--h-colors-no)')
  })

  it('heat: narrow floor is hatched, not only colored', () => {
    const plan = emptyPlan({ fixtures: [fixture('counter', [2, 2, 236, 40]), fixture('cabinet', [2, 57, 236, 37])] })
    expect(
      renderToStaticMarkup(<ClearanceLayer heat={heatBands(floorOf(plan, 'parked').clearance, [14, 18])} />),
    ).toContain('url(#fill-tight)')
  })

  it('faults are numbered as in their list; storage and limits say what is there', () => {
    const plan = emptyPlan({
      fixtures: [
        fixture('toilet', [10, 40, 19, 22]),
        fixture('shower', [24, 40, 30, 30]),
        fixture('wardrobe', [150, 2, 26, 20]),
      ],
      berths: [
        berth('bunk', 30, 74, { id: 'low', limit: 300, shape: { rect: [60, 2, 74, 30] } }),
        berth('upper-bunk', 30, 74, { id: 'up', shape: { rect: [60, 2, 74, 30] } }),
      ],
    })
    const findings = findingsAt(plan, 'parked', [], RULES.ways)
    expect(texts(renderToStaticMarkup(<FaultLayer findings={findings} scale={2} />))).toEqual(
      findings.map((_, i) => String(i + 1)),
    )
    expect(renderToStaticMarkup(<StorageLayer plan={plan} scale={2} />).match(/<rect/g)).toHaveLength(1)
    expect(
      texts(renderToStaticMarkup(<WeightLayer plan={plan} scale={2} system="us" present={plan.berths} />)),
    ).toEqual(['300 lb', 'Upper Measure'])
  })

  it('dimensions: a slide’s travel is not drawn when it is in', () => {
    const plan = emptyPlan({ slides: [{ id: 's', wall: 'off-door', start: 60, length: 100, depth: 36 }] })
    expect(texts(renderToStaticMarkup(<Dimensions plan={plan} scale={2} system="us" />))).toEqual([
      'box 20 ft',
      '8 ft wide',
      '36 in out',
    ])
    expect(texts(renderToStaticMarkup(<Dimensions plan={plan} scale={2} system="us" slidesIn />))).toEqual([
      'box 20 ft',
      '8 ft wide',
    ])
  })
})
