'use client'

import { Box, Button, HStack, Input, NativeSelect, Text } from '@chakra-ui/react'
import { useEffect, useRef, useState } from 'react'
import { NotAFigure } from '@hitchet/core/quantity/parse'
import { contradicts, SOURCES, type Reading, type ReadingSpec, type Source } from '@hitchet/core/readings/reading'
import { typedReading } from '@hitchet/core/readings/typed'
import { sawText } from '@hitchet/core/walk/event'
import { useNotes } from '../../offline/Notes'
import { usualSource } from '@hitchet/core/readings/usualSource'
import { ReadingSource, ReadingValue } from './ReadingValue'
import { SOURCE_WORDS } from './sources'

/** One figure as people write it, where it comes from, and it is on the unit. `filled`: what a meter sent. */
export function TakeReading({
  stock,
  path,
  spec,
  doubted,
  filled,
  about,
  stood,
  waits = false,
  onTaken,
}: {
  stock: string
  path: string
  spec: ReadingSpec
  /** The odd figure there is, which one tap confirms. */
  doubted?: Reading
  filled?: string
  /** What it is called, and what stands there now. */
  about: string
  stood?: Reading
  /** It stands open among others: it does not ask for the keyboard by itself, and hands it on to the next. */
  waits?: boolean
  onTaken(): void
}) {
  const [typed, setTyped] = useState<{ text: string; over?: string }>({ text: '' })
  // What the meter sends is put in once; typing over it counts.
  const text = filled !== undefined && typed.over !== filled ? filled : typed.text
  const [source, setSource] = useState<Source>(usualSource(spec))
  const { note } = useNotes()
  const [busy, setBusy] = useState(false)
  const [says, say] = useState<string>()
  const field = useRef<HTMLInputElement>(null)
  useEffect(() => (waits ? undefined : field.current?.focus()), [path, waits])
  const [asks, setAsks] = useState(false)
  const send = async () => {
    let value
    try {
      value = typedReading(spec, text)
    } catch (failure) {
      if (!(failure instanceof NotAFigure)) throw failure
      return say(`Right would be ${failure.expected}`)
    }
    // What stands there says otherwise: that is asked here, not found out later.
    if (stood && !doubted && !asks && contradicts(value, stood.value)) {
      say(undefined)
      return setAsks(true)
    }
    await write({ text, source })
  }
  const write = async (reading: { text: string; source: Source; confirmed?: boolean }) => {
    setBusy(true)
    setAsks(false)
    const next = waits && field.current ? nextIn(field.current) : undefined
    const saw = sawText(stood)
    const heard = await note({ stock, about }, { kind: 'reading', key: path, ...reading, ...(saw && { saw }) })
    setBusy(false)
    if ('says' in heard) return say(heard.says)
    next?.focus()
    onTaken()
  }
  const options = spec.kind === 'choice' ? spec.choices! : spec.kind === 'yes-no' ? ['yes', 'no'] : undefined
  return (
    <Box asChild py="2">
      <form onSubmit={(event) => (event.preventDefault(), void send())}>
        <HStack gap="2" flexWrap="wrap">
          {options ? (
            options.map((option) => (
              <Button
                key={option}
                type="button"
                size="sm"
                variant={text === option ? 'solid' : 'outline'}
                minH="40px"
                onClick={() => setTyped({ text: option, over: filled })}
              >
                {option}
              </Button>
            ))
          ) : (
            <Input
              ref={field}
              size="md"
              w="150px"
              aria-label={waits ? about : spec.label}
              inputMode={spec.kind === 'number' ? 'text' : undefined}
              placeholder={spec.unit === 'in' ? `6'2 or 74` : spec.unit === 'lb' ? '3,555' : ''}
              value={text}
              onChange={(event) => setTyped({ text: event.target.value, over: filled })}
              autoComplete="off"
            />
          )}
          <SourceChoice source={source} onChoose={setSource} />
          <Button type="submit" loading={busy} minH="40px">
            Write it down
          </Button>
          {doubted && (
            <Button
              variant="outline"
              minH="40px"
              loading={busy}
              onClick={() => void write({ text: `${String(doubted.value)}`, source: doubted.source, confirmed: true })}
            >
              It is {String(doubted.value)} {spec.unit}
            </Button>
          )}
        </HStack>
        {asks && stood && (
          <StoodOtherwise
            stood={stood}
            spec={spec}
            text={text}
            busy={busy}
            onLeave={() => (setAsks(false), onTaken())}
          />
        )}
        {says && (
          <Text role="alert" color="no" fontSize="13.5px" pt="1">
            {says}
          </Text>
        )}
      </form>
    </Box>
  )
}

function SourceChoice({ source, onChoose }: { source: Source; onChoose(source: Source): void }) {
  return (
    <NativeSelect.Root size="md" w="150px">
      <NativeSelect.Field
        aria-label="Where it comes from"
        value={source}
        onChange={(event) => onChoose(event.target.value as Source)}
        bg="bar"
        borderColor="line"
      >
        {SOURCES.map((one) => (
          <option key={one} value={one}>
            {SOURCE_WORDS[one]}
          </option>
        ))}
      </NativeSelect.Field>
      <NativeSelect.Indicator />
    </NativeSelect.Root>
  )
}

/** What stands there says otherwise: written beside it, or left. */
function StoodOtherwise({
  stood,
  spec,
  text,
  busy,
  onLeave,
}: {
  stood: Reading
  spec: ReadingSpec
  text: string
  busy: boolean
  onLeave(): void
}) {
  return (
    <HStack role="alert" gap="2" pt="1" flexWrap="wrap">
      <Text fontSize="14px" fontWeight="600">
        So far it’s <ReadingValue spec={spec} reading={stood} /> (<ReadingSource reading={stood} />
        ). Is “{text}” right?
      </Text>
      <Button type="submit" minH="40px" loading={busy}>
        Yes, write it beside that
      </Button>
      <Button type="button" variant="outline" minH="40px" onClick={onLeave}>
        No, leave it
      </Button>
    </HStack>
  )
}

/** The next figure of the list that is still open: looked for before this one leaves the list. */
function nextIn(from: HTMLInputElement): HTMLInputElement | undefined {
  const fields = [...(from.closest('ol')?.querySelectorAll<HTMLInputElement>('input') ?? [])]
  return fields[fields.indexOf(from) + 1]
}
