'use client'

import { Box, Button, Field, Input, NativeSelect, SimpleGrid, Text } from '@chakra-ui/react'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { newTrailer } from '@hitchet/core/editing/newTrailer'
import { NotAFigure, parseLength } from '@hitchet/core/quantity/parse'
import { LAYOUTS, type Layout } from '@hitchet/core/trailer/trailer'
import { PageHead } from '../PageHead'
import { request } from '../request'

const FIELDS = [
  { name: 'stock', label: 'Stock number', placeholder: 'T-140' },
  { name: 'make', label: 'Make', placeholder: 'Odenwick' },
  { name: 'model', label: 'Model', placeholder: '19 X' },
  { name: 'year', label: 'Year', placeholder: '2026' },
  { name: 'length', label: 'Box length, outside', placeholder: '19 ft' },
  { name: 'width', label: 'Box width, outside', placeholder: '96' },
] as const

/** A unit that just rolled in: who it is and how large its box, then on to the tape. */
export function TakeIn() {
  const router = useRouter()
  const [says, setSays] = useState<string[]>([])
  const [busy, setBusy] = useState(false)
  const send = async (form: FormData) => {
    const text = (name: string) => String(form.get(name) ?? '').trim()
    const wrong: string[] = []
    const length = (name: 'length' | 'width', label: string): number => {
      try {
        return parseLength(text(name))
      } catch (failure) {
        if (!(failure instanceof NotAFigure)) throw failure
        wrong.push(`${label}: right would be ${failure.expected}`)
        return 0
      }
    }
    const size = { length: length('length', 'Box length'), width: length('width', 'Box width') }
    if (wrong.length) return setSays(wrong)
    const trailer = newTrailer({
      stock: text('stock'),
      make: text('make'),
      model: text('model'),
      year: Number(text('year')),
      condition: form.get('condition') as 'new' | 'used',
      layout: form.get('layout') as Layout,
      ...size,
    })
    setBusy(true)
    const outcome = await request('POST', '/api/trailers', trailer)
    setBusy(false)
    if (outcome.ok) router.push(`/yard/${trailer.stock}/tape?do=draw`)
    else setSays([outcome.says, ...(outcome.kind === 'refused' ? outcome.flaws : [])])
  }
  return (
    <>
      <PageHead title="Take a unit in" line="Its name and its box; what is inside is drawn and measured next" />
      <Box asChild maxW="720px">
        <form onSubmit={(event) => (event.preventDefault(), void send(new FormData(event.currentTarget)))}>
          <SimpleGrid columns={{ base: 1, sm: 2 }} gap="4">
            {FIELDS.map(({ name, label, placeholder }) => (
              <Field.Root key={name} required>
                <Field.Label>{label}</Field.Label>
                <Input name={name} placeholder={placeholder} autoComplete="off" />
              </Field.Root>
            ))}
            <Pick name="condition" label="Condition" options={['new', 'used']} />
            <Pick name="layout" label="Layout" options={LAYOUTS} />
          </SimpleGrid>
          {says.length > 0 && (
            <Box role="alert" color="no" pt="3">
              {says.map((line) => (
                <Text key={line}>{line}</Text>
              ))}
            </Box>
          )}
          <Button type="submit" mt="4" loading={busy}>
            To the drawing board
          </Button>
        </form>
      </Box>
    </>
  )
}

function Pick({ name, label, options }: { name: string; label: string; options: readonly string[] }) {
  return (
    <Field.Root>
      <Field.Label>{label}</Field.Label>
      <NativeSelect.Root>
        <NativeSelect.Field name={name} bg="bar" borderColor="line">
          {options.map((option) => (
            <option key={option}>{option}</option>
          ))}
        </NativeSelect.Field>
        <NativeSelect.Indicator />
      </NativeSelect.Root>
    </Field.Root>
  )
}
