'use client'

import { useId } from 'react'

interface SegmentsProps<Value extends string> {
  label: string
  value: Value
  onChange(value: Value): void
  options: readonly { value: Value; name: string; key?: string }[]
}

/** One of a few, all in sight, with the key that chooses it. A unit has a dozen of these: plain elements (`look/fieldRules.ts`). */
export function Segments<Value extends string>({ label, value, onChange, options }: SegmentsProps<Value>) {
  const name = useId()
  return (
    <div role="radiogroup" aria-label={label} className="segments">
      {options.map((option) => (
        <label key={option.value} className={option.value === value ? 'is-on' : undefined}>
          <input
            type="radio"
            className="sr-only"
            name={name}
            value={option.value}
            checked={option.value === value}
            onChange={() => onChange(option.value)}
          />
          {option.name}
          {option.key && (
            <span aria-hidden className="figure">
              {option.key}
            </span>
          )}
        </label>
      ))}
    </div>
  )
}
