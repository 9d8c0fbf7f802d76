'use client'

import { Box, HStack, Text, type StackProps } from '@chakra-ui/react'
import { useId, type ReactNode } from 'react'
import type { FieldPath } from 'react-hook-form'
import type { HouseholdDraft } from '@hitchet/core/household/draft'
import type { Phrase } from '@hitchet/core/quantity/phrase'
import { Said } from '../../look/measures'
import { useVisibleErrors } from './useVisibleErrors'

interface FieldLineProps extends Pick<StackProps, 'gap' | 'flexWrap'> {
  /** The fields in it that can be wrong, by the name that they are told by. */
  fields: readonly { path: FieldPath<HouseholdDraft>; label: string }[]
  label?: string
  /** What stands in that room while nothing is wrong. */
  hint?: string
  /** What is odd about a figure in it, and what one press on Yes does. */
  doubt?: { says: Phrase; onSure(): void }
  children: ReactNode
}

/**
 * Fields side by side, and below them the room for one line that says what would be right in the first of them
 * that is not. It is always there, so that nothing moves under the finger when it fills or empties.
 */
export function FieldLine({ fields, label, hint, doubt, children, ...layout }: FieldLineProps) {
  const id = useId()
  const says = useVisibleErrors(fields.map(({ path }) => path))
  const first = says.findIndex((one) => one !== undefined)
  return (
    <Box role={label ? 'group' : undefined} aria-label={label} aria-describedby={first < 0 ? undefined : id}>
      <HStack align="start" {...layout}>
        {children}
      </HStack>
      <Text
        id={id}
        aria-live="polite"
        fontSize="13px"
        lineHeight="18px"
        minH="18px"
        color={first >= 0 ? 'no' : doubt ? 'measure' : 'line'}
      >
        {first >= 0 ? (
          `${fields[first]!.label}: right would be ${says[first]}`
        ) : doubt ? (
          <>
            <Said phrase={doubt.says} />{' '}
            <button type="button" onClick={doubt.onSure} style={{ textDecoration: 'underline', cursor: 'pointer' }}>
              Yes, it is so
            </button>
          </>
        ) : (
          hint
        )}
      </Text>
    </Box>
  )
}
