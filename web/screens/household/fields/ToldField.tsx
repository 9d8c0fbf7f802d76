'use client'

import type { FieldPath } from 'react-hook-form'
import type { HouseholdDraft } from '@hitchet/core/household/draft/draft'
import type { ChoiceField, Field } from '@hitchet/core/household/told/field'
import { Choice, SelectField, Tick } from './Choice'
import { TextField } from './TextField'

interface ToldFieldProps {
  path: FieldPath<HouseholdDraft>
  /** Its row in the table of what a household tells. */
  field: Exclude<Field, { kind: 'id' }>
  /** What is taken while it is empty, where that depends on others. */
  placeholder?: string
  /** In a table the column's heading says the label. */
  hideLabel?: boolean
}

/** One field of the interview, as its table says. */
export function ToldField({ path, field, placeholder, hideLabel }: ToldFieldProps) {
  const label = field.asks ?? field.label
  const common = { path, label, ...(hideLabel && { hideLabel }) }
  const width = field.width === undefined ? {} : { width: field.width }
  if (field.kind === 'tick') return <Tick {...common} />
  if (field.kind === 'choice') {
    const options = optionsOf(field)
    return field.inSight ? (
      <Choice {...common} options={options} />
    ) : (
      <SelectField {...common} {...width} options={options} />
    )
  }
  const shown = placeholder ?? field.placeholder
  return <TextField {...common} {...width} {...(shown !== undefined && { placeholder: shown })} />
}

const optionsOf = ({ start, values, offered = values, names }: ChoiceField): { value: string; name: string }[] =>
  [...(start === '' ? [''] : []), ...offered].map((value) => ({
    value,
    name: names?.[value] ?? (value === '' ? 'not asked yet' : value),
  }))
