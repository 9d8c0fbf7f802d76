import { error, warning, type Flaw } from '../flaws/flaw'
import { formatQuantity } from '../quantity/format'
import { phraseText } from '../quantity/phrase'
import { pounds } from '../quantity/quantity'
import type { VehicleKey } from '../readings/vehicleReads'
import { otherFigures } from './otherFigures'
import { householdDoubts } from './doubts'
import { vehicleFigure, type Household } from './household'

/** What the schema cannot see: ids used twice, partners that lead nowhere or do not agree. */
export function householdFlaws(household: Household): Flaw[] {
  const { people, pets, gear } = household
  const ids = [
    ...people.map(({ id }, i) => ({ id, path: `people[${i}].id` })),
    ...pets.map(({ id }, i) => ({ id, path: `pets[${i}].id` })),
    ...gear.map(({ id }, i) => ({ id, path: `gear[${i}].id` })),
  ]
  const twice = ids
    .filter(({ id }, i) => ids.findIndex((other) => other.id === id) < i)
    .map(({ id, path }) => error(path, id, 'an id that nothing else in this household has'))
  const known = new Map(people.map((person) => [person.id, person]))
  const partners = people.flatMap(({ id, partner }, i) => {
    if (partner === undefined) return []
    const other = known.get(partner)
    if (!other || other.id === id)
      return [error(`people[${i}].partner`, partner, 'the id of another person of this household')]
    return other.partner === id
      ? []
      : [error(`people[${i}].partner`, partner, `someone whose own partner is "${id}"; write it on both`)]
  })
  const nobody = (list: 'sharesWith' | 'neverBeside') =>
    people.flatMap((person, i) =>
      (person[list] ?? []).flatMap((id, k) =>
        known.has(id) && id !== person.id
          ? []
          : [error(`people[${i}].${list}[${k}]`, id, 'the id of another person of this household')],
      ),
    )
  const oneSided = people.flatMap(({ id, sharesWith = [] }, i) =>
    sharesWith.flatMap((with_, k) => {
      const other = known.get(with_)
      return !other || other.id === id || other.sharesWith?.includes(id)
        ? []
        : [
            warning(
              `people[${i}].sharesWith[${k}]`,
              with_,
              `someone who shares with "${id}" too; ask both, write it on both`,
            ),
          ]
    }),
  )
  const torn = people.flatMap(({ partner, sharesWith = [], neverBeside = [] }, i) =>
    neverBeside.flatMap((id, k) =>
      id === partner || sharesWith.includes(id)
        ? [error(`people[${i}].neverBeside[${k}]`, id, 'someone they are not said to share a bed with')]
        : [],
    ),
  )
  const nobodys = gear.flatMap(({ owner }, i) =>
    owner === undefined || known.has(owner)
      ? []
      : [error(`gear[${i}].owner`, owner, 'the id of a person of this household')],
  )
  return [
    ...twice,
    ...nobodys,
    ...partners,
    ...nobody('sharesWith'),
    ...nobody('neverBeside'),
    ...torn,
    ...oneSided,
    ...vehicleFlaws(household),
    ...doubtFlaws(household),
  ]
}

/** Ratings round: two may differ by so much before they contradict each other. */
const RATINGS_DIFFER = 0.05

/** Ratings of the tow vehicle that are possible each, and not together. */
function vehicleFlaws(household: Household): Flaw[] {
  const of = (key: VehicleKey) => vehicleFigure(household, key)
  const [gvwr, gcwr, curb, payload, towRating] = [
    of('gvwr'),
    of('gcwr'),
    of('curbWeight'),
    of('payload'),
    of('towRating'),
  ]
  const [front, rear] = [of('gawrFront'), of('gawrRear')]
  const over = (key: VehicleKey, value: number | undefined, most: number | undefined, what: string): Flaw[] =>
    value !== undefined && most !== undefined && value > most * (1 + RATINGS_DIFFER)
      ? [warning(`vehicle.readings.${key}`, value, `at most ${what}, ${formatQuantity(pounds(most))}; read both again`)]
      : []
  const less = (a: number | undefined, b: number | undefined) =>
    a === undefined || b === undefined ? undefined : a - b
  const axles = front !== undefined && rear !== undefined ? front + rear : undefined
  return [
    ...over('curbWeight', curb, gcwr, 'the GCWR'),
    ...over('payload', payload, less(gvwr, curb), 'its GVWR less its curb weight'),
    ...over('towRating', towRating, less(gcwr, curb), 'its GCWR less its curb weight'),
    ...over('gvwr', gvwr, axles, 'what its axles are rated together'),
  ]
}

/** A figure that is odd is said where it stands, with what it might be. */
function doubtFlaws(household: Household): Flaw[] {
  return householdDoubts(household).map(({ key, says }) => {
    const other = otherFigures(household).find(({ figure }) => key === `household.${figure}`)
    if (other)
      return warning(pathOf(household, other.figure), other.value, `a figure that is confirmed: ${phraseText(says)}`)
    const [, list, id, measure] = key.split('.') as [string, string, string, 'height' | 'weight']
    const at = household.people.findIndex((one) => one.id === id)
    const path = list === 'vehicle' ? `vehicle.readings.${id}` : `people[${at}].${measure}`
    const found = list === 'vehicle' ? vehicleFigure(household, id as VehicleKey) : household.people[at]![measure]
    return warning(path, found, `a figure that is confirmed: ${phraseText(says)}`)
  })
}

/** Where a figure that is known by an id stands in the document: `gear.kayak.weight` at `gear[2].weight`. */
function pathOf(household: Household, figure: string): string {
  const [list, id, ...rest] = figure.split('.') as [keyof Household, string, ...string[]]
  if (list !== 'gear' && list !== 'pets') return figure
  return `${list}[${household[list].findIndex((one) => one.id === id)}].${rest.join('.')}`
}
