import { error, warning, type Flaw } from '../flaws/flaw'
import { formatQuantity } from '../quantity/format'
import { inches, pounds } from '../quantity/quantity'
import { overlapsAt } from '../plan/overlap'
import { strays, TIMES } from '../plan/times'
import type { Plan } from '../plan/plan'
import { contradictions } from './contradictions'
import { isThere } from './drawn'
import { trailerFigure, type Trailer } from './trailer'
import { vinCheckDigit } from './vin'

/** What the schema cannot see: names that lead nowhere, weights that contradict each other, beds outside the box. */
export function trailerFlaws(trailer: Trailer): Flaw[] {
  const names = nameFlaws(trailer)
  const wrong = [
    ...names,
    ...identityFlaws(trailer),
    ...absentFlaws(trailer),
    ...weightFlaws(trailer),
    ...placeFlaws(trailer.plan),
  ]
  return [
    ...wrong,
    ...(wrong.length ? [] : contradictions(trailer)),
    ...(names.length ? [] : crowdingFlaws(trailer.plan)),
  ]
}

/** Names on a plan that lead nowhere, or stand twice. */
export const planFlaws = (plan: Plan): Flaw[] => nameFlaws({ plan, equipment: [] })

function nameFlaws({ plan, equipment }: Pick<Trailer, 'plan' | 'equipment'>): Flaw[] {
  const named = (
    [
      'rooms',
      'walls',
      'doors',
      'windows',
      'slides',
      'canvasEnds',
      'fixtures',
      'berths',
      'conversions',
      'outside',
      'compartments',
    ] as const
  ).flatMap((list) => plan[list].map(({ id }, i) => ({ id, path: `plan.${list}[${i}].id`, list: list as string })))
  const all = [...named, ...equipment.map(({ id }, i) => ({ id, path: `equipment[${i}].id`, list: 'equipment' }))]
  const twice = all
    .filter(({ id }, i) => all.findIndex((other) => other.id === id) < i)
    .map(({ id, path }) => error(path, id, 'an id that nothing else on this trailer has'))
  const idsOf = (list: string) => new Set(named.filter((one) => one.list === list).map(({ id }) => id))
  const must = (path: string, id: string | undefined, list: string): Flaw[] =>
    id === undefined || idsOf(list).has(id)
      ? []
      : [error(path, id, `the id of one of plan.${list}${listed(idsOf(list))}`)]
  return [
    ...twice,
    ...plan.fixtures.flatMap((fixture, i) => must(`plan.fixtures[${i}].slide`, fixture.slide, 'slides')),
    ...plan.berths.flatMap((berth, i) => [
      ...must(`plan.berths[${i}].room`, berth.room, 'rooms'),
      ...must(`plan.berths[${i}].slide`, berth.slide, 'slides'),
      ...must(`plan.berths[${i}].canvasEnd`, berth.canvasEnd, 'canvasEnds'),
      ...must(`plan.berths[${i}].conversion`, berth.conversion, 'conversions'),
    ]),
    ...plan.compartments.flatMap(({ shares = [] }, i) =>
      shares.flatMap((id, k) =>
        idsOf('berths').has(id) || idsOf('slides').has(id)
          ? []
          : [error(`plan.compartments[${i}].shares[${k}]`, id, 'the id of a berth or a slide of this plan')],
      ),
    ),
    ...plan.conversions.flatMap((conversion, i) => [
      ...conversion.uses.flatMap((id, k) => must(`plan.conversions[${i}].uses[${k}]`, id, 'fixtures')),
      ...conversion.excludes.flatMap((id, k) => must(`plan.conversions[${i}].excludes[${k}]`, id, 'conversions')),
    ]),
  ]
}

function identityFlaws({ vin }: Trailer): Flaw[] {
  const digit = vin && vinCheckDigit(vin)
  return vin && digit !== vin[8]
    ? [error('vin', vin, `a VIN whose 9th sign is the check digit (${digit} for these others); read the label again`)]
    : []
}

function absentFlaws(trailer: Trailer): Flaw[] {
  return (trailer.absent ?? []).flatMap(({ kind }, i) =>
    isThere(trailer, kind)
      ? [error(`absent[${i}].kind`, kind, 'a kind of thing that is not noted on it; this one is')]
      : [],
  )
}

function weightFlaws(trailer: Trailer): Flaw[] {
  const uvw = trailerFigure(trailer, 'uvw')
  const gvwr = trailerFigure(trailer, 'gvwr')
  const hitch = trailerFigure(trailer, 'hitchWeight')
  const flaws: Flaw[] = []
  if (uvw !== undefined && gvwr !== undefined && gvwr < uvw) {
    flaws.push(error('readings.gvwr', gvwr, `at least the UVW of ${formatQuantity(pounds(uvw))}`))
  }
  if (uvw !== undefined && hitch !== undefined && hitch >= uvw) {
    flaws.push(error('readings.hitchWeight', hitch, `less than the UVW of ${formatQuantity(pounds(uvw))}`))
  }
  return flaws
}

function placeFlaws(plan: Plan): Flaw[] {
  return strays(plan).map(({ list, id, shape, inches: by }) =>
    error(
      `plan.${list}[${plan[list].findIndex((one) => one.id === id)}].shape`,
      shape,
      `a place inside the walls; it sticks out by ${formatQuantity(inches(by))}`,
    ),
  )
}

function crowdingFlaws(plan: Plan): Flaw[] {
  return TIMES.filter((time) => time !== 'night').flatMap((time) =>
    overlapsAt(plan, time).map(({ a, b, inches: deep }) =>
      warning(
        `plan (${time === 'road' ? 'on the road' : time})`,
        `${a} in ${b} by ${formatQuantity(inches(deep))}`,
        'nothing standing in something else; measure again',
      ),
    ),
  )
}

function listed(ids: Set<string>): string {
  return ids.size ? ` (${[...ids].join(', ')})` : ' (there are none)'
}
