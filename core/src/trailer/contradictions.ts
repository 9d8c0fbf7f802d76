import { error, warning, type Flaw } from '../flaws/flaw'
import { hasEntry, openingsInNoWall } from '../plan/openings'
import type { Plan } from '../plan/plan'
import { area, type Shape } from '../plan/shape/shape'
import { pairsApart } from '../plan/together'
import { formatQuantity } from '../quantity/format'
import { phraseText } from '../quantity/phrase'
import { inches, pounds } from '../quantity/quantity'
import { best } from '../readings/reading'
import { doubtsOf } from './doubts'
import { thingAt, thingsOf } from './things'
import { trailerFigure, type Trailer } from './trailer'
import { vinYears } from './vin'

/** Labels round and list options: two figures may differ by so much of the larger before they contradict. */
const LABELS_DIFFER = 0.03
/** Of GVWR the hitch carries up to this share, so that axles may be rated for the rest. */
const ON_THE_HITCH = 0.15

/** Figures that are possible each, and not together: warned of, since one of two is wrong and nobody knows which. */
export const contradictions = (trailer: Trailer): Flaw[] => [
  ...labelFlaws(trailer),
  ...yearFlaws(trailer),
  ...doubtFlaws(trailer),
  ...openingFlaws(trailer.plan),
  ...slideFlaws(trailer.plan),
  ...emptyFlaws(trailer.plan),
  ...conversionFlaws(trailer.plan),
]

function labelFlaws(trailer: Trailer): Flaw[] {
  const of = (key: Parameters<typeof trailerFigure>[1]) => trailerFigure(trailer, key)
  const [uvw, gvwr, cargo, axles, rating] = [of('uvw'), of('gvwr'), of('cargoCapacity'), of('axles'), of('axleRating')]
  const flaws: Flaw[] = []
  const left = gvwr !== undefined && uvw !== undefined ? gvwr - uvw : undefined
  if (left !== undefined && cargo !== undefined && cargo > left + gvwr! * LABELS_DIFFER)
    flaws.push(
      warning(
        'readings.cargoCapacity',
        cargo,
        `at most GVWR less UVW, ${formatQuantity(pounds(left))}; read the three labels again`,
      ),
    )
  if (
    gvwr !== undefined &&
    axles !== undefined &&
    rating !== undefined &&
    axles * rating < gvwr * (1 - ON_THE_HITCH - LABELS_DIFFER)
  )
    flaws.push(
      warning(
        'readings.axleRating',
        rating,
        `axles that carry GVWR less what the hitch carries, ${formatQuantity(pounds(gvwr * (1 - ON_THE_HITCH)))}; read the label again`,
      ),
    )
  return flaws
}

function yearFlaws({ vin, year }: Trailer): Flaw[] {
  const years = vin === undefined ? [] : vinYears(vin)
  return years.length && !years.includes(year)
    ? [warning('year', year, `the model year that the 10th sign of its VIN stands for, ${years.join(' or ')}`)]
    : []
}

/** A figure that is odd is said where it stands, with what it might be. */
function doubtFlaws(trailer: Trailer): Flaw[] {
  return doubtsOf(trailer).map(({ key, says }) => {
    const { thing, reading } = thingAt(trailer, key)!
    return warning(
      pathOf(trailer, thing.path, reading),
      best(thing.readings?.[reading])?.value,
      `a figure that is confirmed: ${phraseText(says)}`,
    )
  })
}

/** `plan.berths.upper` and a reading as a path in the document: `plan.berths[1].readings.mattressLength`. */
function pathOf(trailer: Trailer, path: string, reading: string): string {
  if (path === 'readings' || path === 'features') return `${path}.${reading}`
  const same = thingsOf(trailer).filter((one) => listOf(one.path) === listOf(path))
  return `${listOf(path)}[${same.findIndex((one) => one.path === path)}].readings.${reading}`
}

const listOf = (path: string): string => path.slice(0, path.lastIndexOf('.'))

function openingFlaws(plan: Plan): Flaw[] {
  return [
    ...openingsInNoWall(plan).map(({ list, id }) =>
      warning(
        `plan.${list}[${plan[list].findIndex((one) => one.id === id)}]`,
        id,
        'an opening in an outer wall; this one stands free',
      ),
    ),
    ...(hasEntry(plan) ? [] : [warning('plan.doors', 'no door in the outer wall', 'a door to get in by')]),
  ]
}

function slideFlaws({ slides, box }: Plan): Flaw[] {
  return slides.flatMap(({ wall, start, length }, i) => {
    const along = wall === 'front' || wall === 'rear' ? box.width : box.length
    return start < -TOUCH || start + length > along + TOUCH
      ? [
          warning(
            `plan.slides[${i}]`,
            `${start} to ${start + length}`,
            `a slide within its wall, which is ${formatQuantity(inches(along))} long`,
          ),
        ]
      : []
  })
}

/** What a tape cannot tell apart, inches. */
const TOUCH = 0.3

/** An outline of corners that enclose nothing. */
function emptyFlaws(plan: Plan): Flaw[] {
  return (['rooms', 'fixtures', 'berths'] as const).flatMap((list) =>
    (plan[list] as { id: string; shape: Shape }[]).flatMap(({ id, shape }, i) =>
      area(shape) < 1 ? [error(`plan.${list}[${i}].shape`, id, 'an outline that encloses some ground')] : [],
    ),
  )
}

function conversionFlaws(plan: Plan): Flaw[] {
  const at = (id: string) => plan.conversions.findIndex((one) => one.id === id)
  return [
    ...plan.conversions.flatMap(({ id, excludes }, i) =>
      excludes.includes(id) ? [error(`plan.conversions[${i}].excludes`, id, 'other conversions than itself')] : [],
    ),
    ...pairsApart(plan).flatMap(({ pair: [a, b], unsaid }) =>
      unsaid
        ? [
            warning(
              `plan.conversions[${at(a)}].excludes`,
              plan.conversions[at(a)]!.excludes,
              `"${b}" among them: ${unsaid}`,
            ),
          ]
        : [],
    ),
  ]
}
