import { readFileSync } from 'node:fs'
import { parseTrailer } from '../../core/src/formats/document'
import { DEFAULT_HOUSE_RULES } from '../../core/src/rules/houseRules'
import { waysOut } from '../../core/src/plan/exits'
import { floorOf, reachOf } from '../../core/src/plan/reach'
const t = parseTrailer(readFileSync('/work/main/demo/yard/t-126-larkmere-29-rl.json', 'utf8')).document!
const once = () => { const plan = structuredClone(t.plan)
  reachOf(floorOf(plan, 'parked')); reachOf(floorOf(plan, 'road'))
  const night = floorOf(plan, 'night', plan.conversions.map(({ id }) => id)); reachOf(night, 'toilet'); waysOut(night, DEFAULT_HOUSE_RULES.ways) }
for (let i = 0; i < 20; i++) once()
const s = performance.now(); for (let i = 0; i < 100; i++) once(); console.log((performance.now() - s) / 100)
