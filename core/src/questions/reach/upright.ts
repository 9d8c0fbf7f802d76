import type { ReachRules } from './rules'
import type { Person } from '../../household/household'
import { figure } from '../../readings/reading'
import { feet, says } from '../../quantity/phrase'
import { pounds } from '../../quantity/quantity'
import { trailerFigure, type Trailer } from '../../trailer/trailer'
import { fits, measure, no, note, tight, type Reason } from '../reason'

/** What the tallest stand under and the heaviest step on. Inches, pounds; absent: not read. */
export interface UprightFacts {
  ceiling?: number
  /** The lowest inside height of its slides. */
  slide?: number
  steps: { id: string; carries?: number }[]
}

export function uprightFacts(trailer: Trailer): UprightFacts {
  const slides = trailer.plan.slides.flatMap(({ readings }) => figure(readings, 'insideHeight') ?? [])
  return {
    ceiling: trailerFigure(trailer, 'interiorHeight'),
    ...(slides.length > 0 && { slide: Math.min(...slides) }),
    steps: trailer.plan.outside
      .filter(({ kind }) => kind === 'steps')
      .map(({ id, readings }) => ({ id, carries: figure(readings, 'rating') })),
  }
}

/** Whether the tallest stand upright under its ceiling and its slides, and its steps carry the heaviest. */
export function uprightReasons(
  { ceiling, slide, steps }: UprightFacts,
  people: readonly Pick<Person, 'name' | 'height' | 'weight'>[],
  { above, lightEnough }: Pick<ReachRules, 'above' | 'lightEnough'>,
): Reason[] {
  return [...standing(people, ceiling, slide, above), ...stepping(people, steps, lightEnough)]
}

type Somebody = Pick<Person, 'name' | 'height' | 'weight'>

function standing(
  people: readonly Somebody[],
  ceiling: number | undefined,
  slide: number | undefined,
  above: number,
): Reason[] {
  const tallest = most(people, ({ height }) => height)
  if (!tallest) return []
  const needs = tallest.height! + above
  const who = says`${tallest.name}, ${feet(tallest.height!)},`
  const rests = ['readings.interiorHeight']
  if (ceiling === undefined)
    return [measure(says`Whether ${who} stands upright in it hangs on its ceiling, which nobody measured.`, rests)]
  if (ceiling < needs)
    return [
      tight(says`${who} does not stand upright in it: the ceiling is at ${feet(ceiling)}.`, {
        brief: 'a low ceiling',
        rests,
      }),
    ]
  const under =
    slide !== undefined && slide < needs
      ? [note(says`Under the slide’s ceiling of ${feet(slide)} ${tallest.name} stoops.`)]
      : []
  return [fits(says`${who} stands upright in it: the ceiling is at ${feet(ceiling)}.`, { rests }), ...under]
}

function stepping(people: readonly Somebody[], steps: UprightFacts['steps'], lightEnough: number): Reason[] {
  const heaviest = most(people, ({ weight }) => weight)
  if (!heaviest) return []
  const { name, weight } = heaviest
  const weak = steps.find(({ carries }) => carries !== undefined && carries < weight!)
  if (weak)
    return [
      no(
        says`The steps carry ${pounds(weak.carries!)}, and ${name} weighs ${pounds(weight!)}: other steps, before anyone goes in.`,
        {
          brief: 'steps too weak',
          rests: [`plan.outside.${weak.id}.rating`],
        },
      ),
    ]
  const unread = steps.filter(({ carries }) => carries === undefined)
  if (weight! < lightEnough) return []
  if (steps.length === 0) return [note(says`Read what its steps carry: ${name} weighs ${pounds(weight!)}.`)]
  return unread.length
    ? [
        measure(
          says`What its steps carry is not read, and ${name} weighs ${pounds(weight!)}.`,
          unread.map(({ id }) => `plan.outside.${id}.rating`),
        ),
      ]
    : []
}

function most(people: readonly Somebody[], of: (one: Somebody) => number | undefined): Somebody | undefined {
  return people
    .filter((one) => of(one) !== undefined)
    .reduce<Somebody | undefined>((top, one) => (top === undefined || of(one)! > of(top)! ? one : top), undefined)
}
