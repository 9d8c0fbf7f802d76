import { expect, it } from 'vitest'
import { beforeCounter } from '../core/src/plan/living/beforeCounter'
import { findingsAt } from '../core/src/plan/findings/findings'
import { stepInsAt } from '../core/src/plan/living/stepIn'
import { phraseText } from '../core/src/quantity/phrase'
import { DEFAULT_HOUSE_RULES as RULES } from '../core/src/rules/houseRules'
import { trailers } from './testing/files'

/** What somebody who walks round in each unit finds, parked: as real ones have it, and nothing else. */
const FOUND: Record<string, string[]> = {
  '14 W': ['While the bath door stands open one does not get past it to the booth dinette and the kitchen sink.'],
  '20 BN': ['The bath door opens 27 degrees only while the pantry’s door is open.'],
  '17 Q': [
    'The wardrobe’s door opens across the entry door.',
    'While the bath door stands open one does not get past it to the kitchen sink, the cooktop and 2 things more.',
  ],
  '18 HY': [
    'The refrigerator’s door opens 69 degrees only, against the booth dinette.',
    'While the bath door stands open one does not get past it to the booth dinette, the wardrobe and 4 things more.',
  ],
  '28 FK': [
    'One leaf of the wardrobe opens 12 degrees only while the bath door is open.',
    'While the bath door stands open one does not get past it to the queen.',
  ],
  '33 TB': [
    'The pantry’s door does not open while the bedroom door is open.',
    'The half bath door opens across the second entry door.',
    'While the bath door stands open one does not get past it to the bedroom and the pantry.',
  ],
  '24 RK': ['While the bath door stands open one does not get past it to the bedroom.'],
  '26 CF': ['While the bath door stands open one does not get past it to the bedroom.'],
  '33 QB': [
    'The bedroom door opens across the entry door.',
    'While the bath door stands open one does not get past it to the bunk room.',
  ],
  '33 IK': ['One leaf of the wardrobe does not open, against the crosswise queen.'],
}

it.each(trailers().map((trailer) => [trailer.stock, trailer] as const))(
  'a walk round in %s finds what is meant to be there to find',
  (_, { model, plan }) => {
    const found = findingsAt(plan, 'parked', [], RULES.ways)
    expect(found.map(({ says }) => phraseText(says))).toEqual(FOUND[model] ?? [])
    expect(found.filter(({ weight }) => weight === 'wrong')).toEqual([])
  },
)

it.each(trailers().map((trailer) => [trailer.stock, trailer] as const))(
  'one steps into the shower of %s',
  (_, { plan }) => {
    for (const { id, wide } of stepInsAt(plan)) expect([id, wide >= RULES.bath.stepIn]).toEqual([id, true])
  },
)

it.each(trailers().map((trailer) => [trailer.stock, trailer] as const))(
  'before the counters of %s stands what is meant to be in the way, and nothing else',
  (_, { model, plan }) => {
    const meant = model === '33 IK' ? [{ counter: 'counter', by: 'chair', takes: 23 }] : []
    expect(beforeCounter(plan)).toEqual(meant)
  },
)
