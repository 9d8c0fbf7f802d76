import { Text } from '@chakra-ui/react'
import type { Reading, ReadingSpec } from '@hitchet/core/readings/reading'
import { Figure } from '../../look/measures'
import { SOURCE_WORDS } from './sources'

/** A reading's value in the reader's measures. */
export function ReadingValue({ spec, reading: { value } }: { spec: ReadingSpec; reading: Reading }) {
  if (typeof value === 'boolean') return <>{value ? 'yes' : 'no'}</>
  if (typeof value === 'number') return spec.unit ? <Figure value={value} unit={spec.unit} /> : <>{value}</>
  return <>{value}</>
}

/** Where it comes from: `measured, 2026-10-03, Nell`. */
export function ReadingSource({ reading: { source, on, by } }: { reading: Reading }) {
  return (
    <Text as="span" color="line" fontSize="13px">
      {SOURCE_WORDS[source]}
      {on && `, ${on}`}
      {by && `, ${by}`}
    </Text>
  )
}
