'use client'

import { Field, Input } from '@chakra-ui/react'
import { useState } from 'react'
import { formatQuantity } from '@hitchet/core/quantity/format'
import { NotAFigure, parseLength } from '@hitchet/core/quantity/parse'
import { inches } from '@hitchet/core/quantity/quantity'
import { useMeasures } from '../../../look/measures'
import { useMeter } from '../laser/useMeter'

/**
 * A length as people write it, at `least` so much; below 0 where something reaches out into a slide. The
 * meter's next reading goes to the field that has the focus.
 */
export function LengthField({
  label,
  value,
  least,
  onSet,
}: {
  label: string
  value: number
  least?: number
  onSet(value: number): void
}) {
  const system = useMeasures()
  const { ask } = useMeter()
  const [typed, setTyped] = useState<string>()
  const [wrong, setWrong] = useState<string>()
  const shown = typed ?? formatQuantity(inches(Math.round(value * 8) / 8), system)
  const set = (text: string) => {
    try {
      const below = text.trim().startsWith('-')
      const length = parseLength(text.trim().replace(/^-/, ''))
      if (least !== undefined && (below || length < least))
        return setWrong(`at least ${formatQuantity(inches(least), system)}`)
      setWrong(undefined)
      setTyped(undefined)
      onSet(below ? -length : length)
    } catch (failure) {
      if (!(failure instanceof NotAFigure)) throw failure
      setWrong(failure.expected)
    }
  }
  return (
    <Field.Root invalid={wrong !== undefined} w="132px">
      <Field.Label fontSize="13px" mb="0">
        {label}
      </Field.Label>
      <Input
        size="sm"
        autoComplete="off"
        className="figure"
        data-figure={typed === undefined ? 'set' : 'typed'}
        value={shown}
        onFocus={(event) => (ask({ label, take: set }), event.target.select())}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={() => typed !== undefined && set(typed)}
        onKeyDown={(event) => event.key === 'Enter' && set(shown)}
      />
      <Field.ErrorText fontSize="12.5px" color="no">
        {wrong && `Right would be ${wrong}`}
      </Field.ErrorText>
    </Field.Root>
  )
}
