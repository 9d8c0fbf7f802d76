/**
 * What a household tells, as data: a row of a table for each thing that is asked. The type of the document, its schema, the
 * interview’s draft and its check, the field on the screen, what is odd and what a flaw is called follow from the row.
 */
export type Field = FigureField | ChoiceField | TickField | IdField

interface Asked {
  /** Absent in the document where it is not asked yet, unless it has to be there. */
  readonly needed: boolean
  readonly label: string
  /** As the interview asks it, where its label would not do. */
  readonly asks?: string
  readonly width?: string
}

/** A number that people type as they write it. */
export interface FigureField extends Asked {
  readonly kind: 'figure'
  readonly read: 'length' | 'weight' | 'money' | 'age' | 'count' | 'number'
  /** What can be, both included; outside of it nothing is saved. */
  readonly range: readonly [number, number]
  /** What is ordinary; outside of it somebody is asked once whether it is so. */
  readonly usual?: readonly [number, number]
  /** Of a plain number: `hours a day`. */
  readonly of?: string
  /** As it stands in an interview that has not begun. */
  readonly start: string
  readonly placeholder?: string
}

/** One of a few. */
export interface ChoiceField<V extends string = string> extends Asked {
  readonly kind: 'choice'
  readonly values: readonly V[]
  /** As each is called on the screen, where its own word would not do; of `''`: nothing chosen. */
  readonly names?: Readonly<Partial<Record<V | '', string>>>
  /** Chosen while nobody chose: a value that the document leaves out, or nothing. */
  readonly start: V | ''
  /** Those on the screen, where another says the same as one of them. */
  readonly offered?: readonly V[]
  /** All of them in sight, not behind a menu. */
  readonly inSight?: boolean
}

/** Yes or no; the document holds it only where it is not as in an interview that has not begun. */
export interface TickField extends Asked {
  readonly kind: 'tick'
  readonly start: boolean
}

/** One of a table that each house has for itself, by its id. */
export interface IdField extends Asked {
  readonly kind: 'id'
}

export type Fields = Readonly<Record<string, Field>>

type NotFixed = 'kind' | 'needed' | 'start'
type More<F extends Field> = Omit<F, NotFixed | 'values' | 'read' | 'range' | 'label'>

export const figure = <const O extends Partial<More<FigureField>>>(
  label: string,
  read: FigureField['read'],
  range: FigureField['range'],
  more?: O,
) => ({ kind: 'figure', needed: false, start: '', label, read, range, ...more }) as const

/** The same where it has to be there. */
export const neededFigure = (
  label: string,
  read: FigureField['read'],
  range: FigureField['range'],
  { start = '', ...more }: Partial<More<FigureField>> & { start?: string } = {},
) => ({ kind: 'figure', needed: true, start, label, read, range, ...more }) as const

export const choice = <const V extends string>(
  label: string,
  values: readonly V[],
  more?: Partial<More<ChoiceField<V>>>,
) => ({ kind: 'choice', needed: false, start: '', label, values, ...more }) as const

/** The same where the document always holds one. */
export const neededChoice = <const V extends string>(
  label: string,
  values: readonly V[],
  start: NoInfer<V>,
  more?: Partial<More<ChoiceField<V>>>,
) => ({ kind: 'choice', needed: true, start, label, values, ...more }) as const

/** The same where one of them is what the document leaves out. */
export const usualChoice = <const V extends string>(
  label: string,
  values: readonly V[],
  start: NoInfer<V>,
  more?: Partial<More<ChoiceField<V>>>,
) => ({ kind: 'choice', needed: false, start, label, values, ...more }) as const

export const tick = (label: string, start = false) => ({ kind: 'tick', needed: false, start, label }) as const

export const id = (label: string, more?: Partial<More<IdField>>) =>
  ({ kind: 'id', needed: false, label, ...more }) as const

/** Of a table the figures that are questioned where they are not ordinary. */
export const usualFigures = (table: Fields): [string, FigureField & { usual: readonly [number, number] }][] =>
  figuresOf(table).flatMap(([key, field]) => (field.usual ? [[key, { ...field, usual: field.usual }]] : []))

/** Of a table the figures. */
export const figuresOf = (table: Fields): [string, FigureField][] =>
  Object.entries(table).flatMap(([key, field]) =>
    field.kind === 'figure' ? [[key, field] as [string, FigureField]] : [],
  )
