import type { ChoiceField, Field, Fields, FigureField, TickField } from './field'

type ValueOf<F extends Field> = F extends FigureField
  ? number
  : F extends ChoiceField<infer V>
    ? V
    : F extends TickField
      ? boolean
      : string

type NeededIn<T extends Fields> = { [K in keyof T]: T[K]['needed'] extends true ? K : never }[keyof T]

/** What the document holds of a table of fields. */
export type DocumentOf<T extends Fields> = { [K in NeededIn<T>]: ValueOf<T[K]> } & {
  [K in Exclude<keyof T, NeededIn<T>>]?: ValueOf<T[K]>
}

/** The same while it is typed: figures as texts, an empty text for what nobody asked yet. */
export type DraftOf<T extends Fields> = {
  -readonly [K in keyof T]: T[K] extends TickField
    ? boolean
    : T[K] extends ChoiceField<infer V>
      ? '' extends T[K]['start']
        ? V | ''
        : V
      : string
}
