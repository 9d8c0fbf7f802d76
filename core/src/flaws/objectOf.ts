import { object, type ISchema, type ObjectSchema } from 'yup'

/** What a field's schema gives, as wide as yup can tell: one of some words is a string to it. */
type Wide<V> = V extends string
  ? string
  : V extends number
    ? number
    : V extends boolean
      ? boolean
      : V extends readonly unknown[]
        ? readonly unknown[]
        : object

/**
 * For each key of a type a schema of its kind; one that may be absent in the type may be absent in the
 * document, and no other.
 */
export type FieldsOf<T> = {
  [K in keyof T]-?: undefined extends T[K] ? ISchema<Wide<NonNullable<T[K]>> | undefined> : ISchema<Wide<T[K]>>
}

/**
 * The schema of a type: exactly its keys, each of its kind, or it does not compile. So the type that the
 * program works with and what it lets in cannot part. Unknown keys in a document are flaws.
 */
export const objectOf =
  <T extends object>() =>
  <F extends FieldsOf<T> & { [K in Exclude<keyof F, keyof T>]: never }>(fields: F) =>
    object(fields as never).noUnknown() as unknown as ObjectSchema<T>
