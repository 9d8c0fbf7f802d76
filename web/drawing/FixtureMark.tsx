import type { ReactNode } from 'react'
import { facesOf } from '@hitchet/core/plan/facing'
import type { Fixture, Plan } from '@hitchet/core/plan/plan'
import { bounds, corners } from '@hitchet/core/plan/shape/shape'
import type { FixtureKind } from '@hitchet/core/readings/catalogue'
import { Shower, Toilet, Tub, Vanity, WetBath } from './fixtures/Bath'
import { Cooktop, Counter, Fridge, Sink } from './fixtures/Kitchen'
import { Booth, Chair, Sofa, Stool, TheaterSeats, UDinette } from './fixtures/Seats'
import { Cabinet, Ladder, Machine, Overhead, Television, Wardrobe } from './fixtures/Storage'
import { facing, type Facing } from './frame'
import { Outline } from './Outline'

/** One fixture, drawn where it stands and the way it faces. */
export function FixtureMark({ plan, fixture }: { plan: Plan; fixture: Fixture }) {
  const draw = MARKS[fixture.kind]
  if (!draw) return null
  const box = bounds(fixture.shape)
  const frame = facing(box, facesOf(plan, fixture, box))
  const mark = <g transform={frame.transform}>{draw(frame, fixture)}</g>
  if ('rect' in fixture.shape) return mark
  // Drawn as if it filled its bounds, and cut along its outline. Named for the outline: shapes alike share their cut.
  const clip = `cut-${corners(fixture.shape).flat().join('-').replaceAll('.', '_')}`
  return (
    <g>
      <clipPath id={clip}>
        <Outline shape={fixture.shape} />
      </clipPath>
      <g clipPath={`url(#${clip})`}>{mark}</g>
      <Outline shape={fixture.shape} fill="none" />
    </g>
  )
}

/**
 * How each kind is drawn in its own frame. A kind without an entry (an oven under its cooktop, a hood) is not
 * seen from above.
 */
const MARKS: Partial<Record<FixtureKind, (frame: Facing, fixture: Fixture) => ReactNode>> = {
  booth: (frame) => <Booth {...frame} />,
  'u-dinette': (frame) => <UDinette {...frame} />,
  table: (frame) => <Counter {...frame} />,
  bar: (frame) => <Counter {...frame} />,
  'jackknife-sofa': (frame) => <Sofa {...frame} folds={1} />,
  'tri-fold-sofa': (frame) => <Sofa {...frame} folds={3} />,
  'air-sofa': (frame) => <Sofa {...frame} folds={1} />,
  futon: (frame) => <Sofa {...frame} folds={1} />,
  'convertible-lounge': (frame) => <Sofa {...frame} folds={3} />,
  'theater-seats': (frame) => <TheaterSeats {...frame} />,
  chair: (frame) => <Chair {...frame} />,
  stool: (frame) => <Stool {...frame} />,
  counter: (frame) => <Counter {...frame} />,
  island: (frame) => <Counter {...frame} />,
  sink: (frame, fixture) => <Sink {...frame} fixture={fixture} />,
  cooktop: (frame, fixture) => <Cooktop {...frame} fixture={fixture} />,
  microwave: (frame) => <Overhead {...frame} />,
  fridge: (frame) => <Fridge {...frame} />,
  pantry: (frame) => <Cabinet {...frame} shelves />,
  wardrobe: (frame) => <Wardrobe {...frame} />,
  cabinet: (frame) => <Cabinet {...frame} />,
  'tall-cabinet': (frame) => <Cabinet {...frame} />,
  overhead: (frame) => <Overhead {...frame} />,
  nightstand: (frame) => <Counter {...frame} />,
  desk: (frame) => <Counter {...frame} />,
  tv: (frame) => <Television {...frame} />,
  fireplace: (frame) => <Cabinet {...frame} />,
  toilet: (frame) => <Toilet {...frame} />,
  shower: (frame) => <Shower {...frame} />,
  tub: (frame) => <Tub {...frame} />,
  'wet-bath': (frame) => <WetBath {...frame} />,
  vanity: (frame) => <Vanity {...frame} />,
  linen: (frame) => <Cabinet {...frame} shelves />,
  washer: (frame) => <Machine {...frame} />,
  'water-heater': (frame) => <Machine {...frame} />,
  ladder: (frame) => <Ladder {...frame} />,
}
