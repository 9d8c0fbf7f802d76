'use client'

import { Button, Field, Grid, Input, NativeSelect, Text } from '@chakra-ui/react'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { REACHED_BY, type Contact } from '@hitchet/core/household/contact'
import { request } from '../request'
import { useSaving } from '../useSaving'

interface Kept {
  version: number
  contact: Contact
}

const FIELDS = [
  { key: 'name', label: 'Who is asked for', type: 'text', complete: 'off' },
  { key: 'email', label: 'Email', type: 'email', complete: 'off' },
  { key: 'phone', label: 'Telephone', type: 'tel', complete: 'off' },
] as const

/** Kept apart from all that is reckoned with, and gone with the household. */
export function ContactForm({ household, kept }: { household: string; kept: Kept }) {
  const router = useRouter()
  const [contact, setContact] = useState<Contact>(kept.contact)
  const [version, setVersion] = useState(kept.version)
  const { busy, says, theirs, send, say } = useSaving<Contact>()
  const save = async (over: number) => {
    const saved = await send<Kept>(() =>
      request('PUT', `/api/households/${household}/contact`, { version: over, contact }),
    )
    if (!saved) return
    setVersion(saved.version)
    router.refresh()
  }
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault()
        void save(version)
      }}
    >
      <Grid templateColumns="repeat(auto-fit, minmax(170px, 1fr))" gap="2">
        {FIELDS.map(({ key, label, type, complete }) => (
          <Field.Root key={key}>
            <Field.Label fontSize="13.5px" mb="0">
              {label}
            </Field.Label>
            <Input
              size="sm"
              type={type}
              autoComplete={complete}
              value={contact[key] ?? ''}
              onChange={({ target }) => setContact({ ...contact, [key]: target.value })}
            />
          </Field.Root>
        ))}
        <Field.Root>
          <Field.Label fontSize="13.5px" mb="0">
            Best by
          </Field.Label>
          <NativeSelect.Root size="sm">
            <NativeSelect.Field
              value={contact.by ?? ''}
              onChange={({ target }) => setContact({ ...contact, by: (target.value || undefined) as Contact['by'] })}
              bg="bar"
              borderColor="line"
            >
              <option value="">not said</option>
              {REACHED_BY.map((one) => (
                <option key={one}>{one}</option>
              ))}
            </NativeSelect.Field>
            <NativeSelect.Indicator />
          </NativeSelect.Root>
        </Field.Root>
      </Grid>
      <Button type="submit" size="sm" mt="2" loading={busy}>
        Save
      </Button>
      {theirs && (
        <Text role="alert" fontSize="14px" color="no">
          Somebody else noted meanwhile: {Object.values(theirs.document).filter(Boolean).join(', ') || 'nothing'}.{' '}
          <Button size="xs" variant="outline" onClick={() => void save(theirs.version)}>
            Keep mine
          </Button>{' '}
          <Button
            size="xs"
            variant="outline"
            onClick={() => {
              setContact(theirs.document)
              setVersion(theirs.version)
              say(undefined)
            }}
          >
            Take theirs
          </Button>
        </Text>
      )}
      <Text role="status" minH="20px" fontSize="13.5px" color="line">
        {says ?? 'Kept apart from all that is reckoned; no file and no page that goes out carries it.'}
      </Text>
    </form>
  )
}
