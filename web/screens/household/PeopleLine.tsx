'use client'

import { Box, Flex, Input, Text } from '@chakra-ui/react'
import { useEffect, useRef, useState } from 'react'
import { useFormContext, type UseFieldArrayReturn } from 'react-hook-form'
import { emptyPerson, type HouseholdDraft, type PersonDraft } from '@hitchet/core/household/draft/draft'
import { peopleLine, type LinePart } from '@hitchet/core/household/draft/peopleLine'
import { useMeasures } from '../../look/measures'

type Rows = Pick<UseFieldArrayReturn<HouseholdDraft, 'people', 'key'>, 'append' | 'remove' | 'update'>

/**
 * Who they are in one line, as it is told: every piece is shown as it is understood, and the rows below come and change
 * with it. Enter, or leaving the line, lets them stand.
 */
export function PeopleLine({ rows: { append, remove, update }, first }: { rows: Rows; first: boolean }) {
  const { getValues } = useFormContext<HouseholdDraft>()
  const system = useMeasures()
  const [text, setText] = useState('')
  const [parts, setParts] = useState<LinePart[]>([])
  // The rows that this line made, from the first of them on.
  const from = useRef<number>(undefined)
  const input = useRef<HTMLInputElement>(null)
  useEffect(() => {
    if (first) input.current?.focus()
  }, [first])

  const typed = (value: string) => {
    setText(value)
    from.current ??= firstOwn(getValues('people'))
    const at = from.current
    const all = getValues('people')
    const found = peopleLine(value, all.slice(0, at), system)
    setParts(found)
    const people = found.flatMap(({ person }) => person ?? [])
    // Somebody has to be there: while nobody is understood an empty row is.
    const wanted = at === 0 && people.length === 0 ? [emptyPerson([])] : people
    const own = all.slice(at)
    wanted.forEach((person, i) => {
      if (i >= own.length) append(person, { shouldFocus: false })
      else if (JSON.stringify(own[i]) !== JSON.stringify(person)) update(at + i, person)
    })
    const over = Array.from({ length: Math.max(0, own.length - wanted.length) }, (_, i) => at + wanted.length + i)
    if (over.length) remove(over)
  }
  const stand = () => {
    from.current = undefined
    setText('')
    setParts([])
  }
  return (
    <Box flex="1" minW={{ base: '100%', md: 0 }}>
      <label htmlFor="people-line" style={{ fontSize: '13.5px' }}>
        Who is it? One after each comma, & between two who share a bed
      </label>
      <Input
        ref={input}
        id="people-line"
        autoComplete="off"
        aria-describedby="people-line-means"
        placeholder={
          system === 'metric' ? 'Ro 43 186 93 & Mi 41, 9, 6' : `Ro 43 6'1 205 & Mi 41, 9, 6, guest 70 no ladder`
        }
        value={text}
        onChange={({ target }) => typed(target.value)}
        onBlur={stand}
        onKeyDown={(event) => {
          if (event.key !== 'Enter') return
          event.preventDefault()
          stand()
        }}
      />
      <Flex
        id="people-line-means"
        aria-live="polite"
        minH="48px"
        alignContent="start"
        gap="1"
        wrap="wrap"
        fontSize="13px"
        pt="0.5"
      >
        {parts.length === 0 ? (
          <Text color="line">In any order: name, age, height, weight, guest, no ladder, cpap. Enter keeps them.</Text>
        ) : (
          parts.map(({ pieces }, i) => (
            <Box key={i} borderWidth="1px" borderColor="line" borderRadius="4px" px="1.5">
              {pieces.map(({ text: piece, means }, k) => (
                <Text
                  as="span"
                  key={k}
                  color={means ? undefined : 'no'}
                  textDecoration={means ? undefined : 'underline wavy'}
                >
                  {k > 0 && ', '}
                  {means === 'name' ? <b>{piece}</b> : (means ?? `${piece}: not understood`)}
                </Text>
              ))}
            </Box>
          ))
        )}
      </Flex>
    </Box>
  )
}

/** An empty row is taken over; all others stay as they are. */
function firstOwn(people: readonly PersonDraft[]): number {
  const last = people.at(-1)
  const isEmpty = last && [last.name, last.age, last.height, last.weight].every((field) => field.trim() === '')
  return isEmpty ? people.length - 1 : people.length
}
