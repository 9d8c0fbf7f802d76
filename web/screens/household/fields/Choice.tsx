'use client'

import { useId } from 'react'
import { get, useFormContext, type FieldPath } from 'react-hook-form'
import type { HouseholdDraft } from '@hitchet/core/household/draft/draft'

interface ChoiceProps {
  path: FieldPath<HouseholdDraft>
  label: string
  options: readonly { value: string; name: string }[]
  hideLabel?: boolean
}

/**
 * A few answers, all in sight. Plain radios: a household has some seventy of them, and they must not keep a
 * tablet busy.
 */
export function Choice({ path, label, options, hideLabel }: ChoiceProps) {
  const { register, formState } = useFormContext<HouseholdDraft>()
  const start = String(get(formState.defaultValues, path) ?? '')
  return (
    <fieldset className="choice">
      <legend className={hideLabel ? 'sr-only' : undefined}>{label}</legend>
      {options.map(({ value, name }) => (
        <label key={value}>
          <input type="radio" value={value} defaultChecked={value === start} {...register(path)} /> {name}
        </label>
      ))}
    </fieldset>
  )
}

/** Yes or no. */
export function Tick({ path, label, hideLabel }: Omit<ChoiceProps, 'options'>) {
  const { register, formState } = useFormContext<HouseholdDraft>()
  return (
    <label className="choice">
      <input type="checkbox" defaultChecked={get(formState.defaultValues, path) === true} {...register(path)} />{' '}
      <span className={hideLabel ? 'under-head' : undefined}>{label}</span>
    </label>
  )
}

/** Many answers, one at a time. */
export function SelectField({ path, label, options, hideLabel, width }: ChoiceProps & { width?: string }) {
  const { register, formState } = useFormContext<HouseholdDraft>()
  const id = useId()
  return (
    <div className="field" style={width ? { width, flex: 'none' } : undefined}>
      <label htmlFor={id} className={hideLabel ? 'under-head' : undefined}>
        {label}
      </label>
      <select
        id={id}
        className="field-box"
        defaultValue={get(formState.defaultValues, path) as string | undefined}
        {...register(path)}
      >
        {options.map(({ value, name }) => (
          <option key={value} value={value}>
            {name}
          </option>
        ))}
      </select>
    </div>
  )
}

export const ColumnHead = ({ children, width }: { children?: string; width?: string | undefined }) => (
  <p className="column-head" style={{ width }}>
    {children}
  </p>
)
