import { boolean, string, type ISchema } from 'yup'
import { ageField, countField, idField, lengthField, moneyField, needed, numberField, weightField } from '../fields'
import type { FieldsOf } from '../../flaws/objectOf'
import type { Field, Fields, FigureField } from './field'
import type { DocumentOf, DraftOf } from './shapes'

/** A schema for each field, as files and the server check it. */
export const schemaFieldsOf = <T extends Fields>(table: T): FieldsOf<DocumentOf<T>> =>
  Object.fromEntries(Object.entries(table).map(([key, field]) => [key, schemaOf(field)])) as FieldsOf<DocumentOf<T>>

function schemaOf(field: Field): ISchema<unknown> {
  if (field.kind === 'figure') return field.needed ? needed(numberOf(field)) : numberOf(field)
  if (field.kind === 'tick') return boolean()
  if (field.kind === 'id') return idField()
  const one = string().oneOf([...field.values])
  return field.needed ? one.required() : one
}

function numberOf({ read, range: [least, most], of = '' }: FigureField) {
  if (read === 'length') return lengthField(least, most)
  if (read === 'weight') return weightField(least, most)
  if (read === 'count') return countField(least, most)
  if (read === 'money') return moneyField(least, most)
  return read === 'age' ? ageField(least, most) : numberField(least, most, of)
}

/** A schema for each field of a draft, as a device keeps it. */
export const draftFieldsOf = <T extends Fields>(table: T): FieldsOf<DraftOf<T>> =>
  Object.fromEntries(
    Object.entries(table).map(([key, field]) => [
      key,
      field.kind === 'tick'
        ? boolean().required()
        : field.kind === 'choice'
          ? string()
              .defined()
              .oneOf([...(field.start === '' ? [''] : []), ...field.values])
          : string().defined(),
    ]),
  ) as unknown as FieldsOf<DraftOf<T>>
