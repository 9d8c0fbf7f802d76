import { FEATURES } from '../features/catalogue'
import { EQUIPMENT_KINDS, FIXTURE_KINDS, OUTSIDE_KINDS, TRAILER_READS, type EquipmentKind } from '../readings/catalogue'
import { figure, flag, word, type Readings, type ReadingSpec, type ReadingSpecs } from '../readings/reading'
import { knownSum } from '../quantity/sum'
import { outsideLooked, toFinish } from '../trailer/drawn'
import { equipmentOf } from '../trailer/equipment'
import type { Trailer } from '../trailer/trailer'
import { PLAN_TERMS } from './planTerms'
import type { Known, Term } from './term'
import { BY_LIMITS, CHOICE_NAMES, KIND_NAMES, MAIN_FIGURES, READING_NAMES } from './termNames'

const UNIT_READS: ReadingSpecs = Object.fromEntries(
  Object.entries(TRAILER_READS).filter(([key]) => !BY_LIMITS.includes(key)),
)
const NONE = 'none'

interface Names {
  names: readonly string[]
  /** Of a choice: what each is called. */
  by?: Readonly<Record<string, readonly string[]>>
}

/** Words such as `torsion axle=torsion` name one choice, the others the thing itself. */
function featureNames(key: string): Names {
  const { words } = FEATURES[key as keyof typeof FEATURES]
  const by: Record<string, string[]> = {}
  const names: string[] = []
  for (const text of words) {
    const [name, choice] = text.split('=') as [string, string?]
    if (choice === undefined) names.push(name)
    else (by[choice] ??= []).push(name)
  }
  return { names, by }
}

function specTerms(
  specs: ReadingSpecs,
  of: (trailer: Trailer) => Readings | undefined,
  named: (key: string) => Names,
  list: string,
): Term[] {
  return Object.entries(specs).flatMap(([key, spec]) => termsOf(`${list}.${key}`, spec, named(key), of))
}

function termsOf(
  path: string,
  spec: ReadingSpec,
  { names, by = {} }: Names,
  of: (trailer: Trailer) => Readings | undefined,
): Term[] {
  const key = path.slice(path.indexOf('.') + 1)
  const label = spec.label.toLowerCase()
  const all = [label, ...names]
  const unknownOr = <T>(value: T | undefined, known: (value: T) => Known): Known =>
    value === undefined ? {} : known(value)
  if (spec.kind === 'yes-no')
    return [
      {
        key: path,
        says: label,
        names: all,
        of: (trailer) => unknownOr(flag(of(trailer), key), (there) => ({ there })),
      },
    ]
  if (spec.kind === 'number')
    return [
      {
        key: path,
        says: label,
        names: all,
        unit: spec.unit ?? 'count',
        of: (trailer) => unknownOr(figure(of(trailer), key), (value) => ({ there: value > 0, figure: value })),
      },
    ]
  if (spec.kind === 'text')
    return [
      {
        key: path,
        says: label,
        names: all,
        of: (trailer) => (word(of(trailer), key) === undefined ? {} : { there: true }),
      },
    ]
  const choices = spec.choices!.filter((one) => one !== NONE)
  const chosen = (trailer: Trailer): string | undefined => word(of(trailer), key)
  return [
    // Where one of the choices is that there is none, the name alone asks for any other.
    ...(choices.length < spec.choices!.length
      ? [
          {
            key: path,
            says: label,
            names: all,
            of: (trailer: Trailer) => unknownOr(chosen(trailer), (one) => ({ there: one !== NONE })),
          },
        ]
      : []),
    ...choices.map((choice): Term => ({
      key: `${path}=${choice}`,
      says: `${label}: ${choice}`,
      names: [`${choice.toLowerCase()} ${label}`, ...(by[choice] ?? [])],
      of: (trailer) => unknownOr(chosen(trailer), (one) => ({ there: one === choice })),
    })),
  ]
}

/** Whether it has one, with the figure by which it is spoken of; and each choice that is read on it. */
function equipmentTerms(kind: EquipmentKind): Term[] {
  const { name, reads } = EQUIPMENT_KINDS[kind] as { name: string; reads: ReadingSpecs }
  const main = MAIN_FIGURES[kind]
  const label = name.toLowerCase()
  const sum = (trailer: Trailer): number | undefined =>
    main ? knownSum((equipmentOf(trailer, kind) ?? []).map(({ readings }) => figure(readings, main))) : undefined
  const choiceTerms = Object.entries(reads).flatMap(([key, { kind: of, choices }]): Term[] =>
    of !== 'choice'
      ? []
      : choices!.map((choice) => ({
          key: `equipment.${kind}.${key}=${choice}`,
          says: `${label}: ${choice}`,
          names: [`${choice.toLowerCase()} ${label}`, ...(CHOICE_NAMES[`${kind}.${key}`]?.[choice] ?? [])],
          of: (trailer) => anyOf(equipmentOf(trailer, kind), (readings) => word(readings, key), choice),
        })),
  )
  return [
    {
      key: `equipment.${kind}`,
      says: label,
      names: [label, ...(KIND_NAMES[kind] ?? [])],
      ...(main && { unit: reads[main]!.unit! }),
      of: (trailer) => {
        const noted = equipmentOf(trailer, kind)
        if (!noted) return {}
        const total = noted.length ? sum(trailer) : undefined
        return { there: noted.length > 0, ...(total !== undefined && { figure: total }) }
      },
    },
    ...choiceTerms,
  ]
}

/** What is drawn is there; what is not is not, once the drawing is finished. */
function drawnTerms(
  list: 'fixtures' | 'outside',
  kinds: Readonly<Record<string, { name: string; reads: ReadingSpecs }>>,
): Term[] {
  return Object.entries(kinds).flatMap(([kind, { name, reads }]): Term[] => {
    const label = name.toLowerCase()
    const named = MAIN_FIGURES[kind]
    const main = named && named in reads ? named : undefined
    const of = (trailer: Trailer) => trailer.plan[list].filter((one) => one.kind === kind)
    const finished = (trailer: Trailer) =>
      list === 'outside' ? outsideLooked(trailer) : toFinish(trailer).length === 0
    return [
      {
        key: `${list}.${kind}`,
        says: label,
        names: [label, ...(KIND_NAMES[kind] ?? [])],
        ...(main && { unit: reads[main]!.unit ?? 'count' }),
        of: (trailer) => {
          const drawn = of(trailer)
          if (drawn.length === 0) return finished(trailer) ? { there: false } : {}
          const total = main ? knownSum(drawn.map(({ readings }) => figure(readings, main))) : undefined
          return { there: true, ...(total !== undefined && { figure: total }) }
        },
      },
      ...Object.entries(reads).flatMap(([key, { kind: type, choices }]): Term[] =>
        type !== 'choice'
          ? []
          : choices!.map((choice) => ({
              key: `${list}.${kind}.${key}=${choice}`,
              says: `${label}: ${choice}`,
              names: [`${choice.toLowerCase()} ${label}`, ...(CHOICE_NAMES[`${kind}.${key}`]?.[choice] ?? [])],
              of: (trailer) => {
                const drawn = of(trailer)
                if (drawn.length === 0 && !finished(trailer)) return {}
                return anyOf(drawn, (readings) => word(readings, key), choice)
              },
            })),
      ),
    ]
  })
}

/** One that is so makes it so; none is, once all are read. */
function anyOf(
  things: readonly { readings?: Readings }[] | undefined,
  read: (readings: Readings | undefined) => string | undefined,
  choice: string,
): Known {
  if (!things) return {}
  const words = things.map(({ readings }) => read(readings))
  if (words.includes(choice)) return { there: true }
  return words.includes(undefined) ? {} : { there: false }
}

/** Beds by the name of their width, inches (common practice: a short queen is as wide as a queen). */
function beds(): Term[] {
  const wide = (trailer: Trailer, least: number): Known => {
    const beds = trailer.plan.berths
      .filter(({ kind }) => kind === 'bed')
      .map(({ readings }) => figure(readings, 'mattressWidth'))
    if (beds.some((one) => one !== undefined && one >= least)) return { there: true }
    return beds.includes(undefined) || trailer.plan.berths.length === 0 ? {} : { there: false }
  }
  return [
    { key: 'berths.king', says: 'a king bed', names: ['king bed', 'king'], of: (trailer) => wide(trailer, 70) },
    { key: 'berths.queen', says: 'a queen bed', names: ['queen bed', 'queen'], of: (trailer) => wide(trailer, 58) },
  ]
}

/** Every fact of the catalogues as something to look for: features, readings of the unit, equipment, what is drawn. */
export const TERMS: readonly Term[] = [
  ...specTerms(FEATURES, ({ features }) => features, featureNames, 'features'),
  ...specTerms(
    UNIT_READS,
    ({ readings }) => readings,
    (key) => ({ names: READING_NAMES[key] ?? [], by: CHOICE_NAMES[key] }),
    'readings',
  ),
  ...(Object.keys(EQUIPMENT_KINDS) as EquipmentKind[]).flatMap(equipmentTerms),
  ...drawnTerms('fixtures', FIXTURE_KINDS),
  ...drawnTerms('outside', OUTSIDE_KINDS),
  ...beds(),
  ...PLAN_TERMS,
]
