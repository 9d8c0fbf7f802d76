import { readFileSync } from 'node:fs'
import { renderToStaticMarkup } from 'react-dom/server'
import { expect, it } from 'vitest'
import { parseTrailer } from '@hitchet/core/formats/document'
import { drawnPlan } from '@hitchet/core/plan/drawnPlan'
import { frameFor } from './frame'
import { PlanStrip } from './PlanStrip'

const { plan } = parseTrailer(
  readFileSync(new URL('../../demo/yard/t-118-marrowby-27-db.json', import.meta.url), 'utf8'),
).document!

it('draws the same as the whole plan, and is much smaller', () => {
  const drawing = (one: typeof plan) =>
    renderToStaticMarkup(
      <PlanStrip plan={one} time="parked" frame={frameFor([plan])} scale={1} text="" detail="labels" />,
    )
  expect(drawing(drawnPlan(plan))).toBe(drawing(plan))
  expect(JSON.stringify(drawnPlan(plan)).length).toBeLessThan(JSON.stringify(plan).length * 0.7)
})
