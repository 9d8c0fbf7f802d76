import { defaultsOf } from '@hitchet/core/rule/rule'
import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import { loadingFacts } from '@hitchet/core/loading/facts'
import { momentOf } from '@hitchet/core/loading/moments'
import { LOADING_RULES } from '@hitchet/core/loading/rules'
import type { Weight } from '@hitchet/core/loading/weights'
import { unit } from '@hitchet/core/testing/unit'
import { LoadedStrip } from './LoadedStrip'
import { ShareNeedle } from './ShareNeedle'

const facts = loadingFacts(unit())
const rules = { ...defaultsOf(LOADING_RULES), tongueLeast: 0.1, tongueMost: 0.15 }
const weight = (id: string, pounds: number, at: number): Weight => ({ id, name: id, pounds, from: at, to: at })
const draw = (weights: Weight[]) =>
  renderToStaticMarkup(
    <LoadedStrip
      facts={facts}
      moment={momentOf(
        'leaving',
        facts,
        { uvw: facts.uvw!, hitchWeight: facts.hitchWeight },
        { weights, missing: [] },
        rules,
      )}
      scale={2}
      text="from the side"
      system="us"
    />,
  )
const bars = (markup: string) =>
  [...markup.matchAll(/<rect x="([\d.]+)" y="([\d.]+)" width="26" height="([\d.]+)"/g)].map((found) =>
    found.slice(1).map(Number),
  )

describe('the loaded strip', () => {
  it('draws what rides in it at its place, as tall as it is heavy', () => {
    const [water, food] = bars(draw([weight('Water', 200, 100), weight('Food', 50, 180)]))
    expect(food![0]! - water![0]!).toBe(160)
    expect(food![2]! / water![2]!).toBeCloseTo(50 / 200, 6)
  })

  it('what rides in one place stands on each other, the heaviest below', () => {
    const [below, above] = bars(draw([weight('Kit', 40, 118), weight('Bedding', 160, 120)]))
    expect(above![0]).toBe(below![0])
    expect(above![1]! + above![2]!).toBeCloseTo(below![1]!, 6)
    expect(below![2]!).toBeGreaterThan(above![2]!)
  })

  it('says what bears on the hitch and the axles; a range while a place is not known', () => {
    // 180 lb 20 in before the axles, 180 in from the coupler: 20 lb on the hitch (statics).
    expect(draw([weight('Water', 180, 120)])).toContain('460 lb on the hitch')
    expect(draw([weight('Water', 180, 120)])).toContain('3,275 lb on the axles')
    const unread = draw([{ ...weight('Water', 180, 24), to: 216, unread: 'equipment.fresh-tank.at' }])
    expect(unread).toContain('364 lb to 556 lb on the hitch')
    expect(bars(unread)).toEqual([])
  })
})

it('the needle stands where the share is, and is a broken bar while it is not certain', () => {
  const needle = (least: number, most: number) =>
    renderToStaticMarkup(<ShareNeedle least={least} most={most} from={0.1} to={0.15} />)
  expect(needle(0.11, 0.11)).toContain('M150 28')
  expect(needle(0.08, 0.14)).toMatch(/stroke-dasharray/)
})
