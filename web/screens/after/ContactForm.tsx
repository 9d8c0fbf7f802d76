'use client'

import { Button, Field, Grid, Input, NativeSelect, Text } from '@chakra-ui/react'
import { useRouter } from 'next/navigation'
import { useRef, useState } from 'react'
import { REACHED_BY, type Contact } from '@hitchet/core/household/contact'
import { request } from '../request'
import { useSaving } from '../useSaving'
import { typedIn } from './typedIn'

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
  const [stands, setStands] = useState(kept)
  const [taken, setTaken] = useState(0)
  const typed = useRef<Record<string, string>>({})
  const { busy, says, theirs, send, say } = useSaving<Contact>()
  const save = async (contact: Record<string, string>, over: number) => {
    typed.current = contact
    const saved = await send<Kept>(() =>
      request('PUT', `/api/households/${household}/contact`, { version: over, contact }),
    )
    if (!saved) return
    setStands(saved)
    router.refresh()
  }
  return (
    <form
      noValidate
      // Taken from somebody else, the fields are made anew. After a save of one’s own they stay: more may have been typed meanwhile.
      key={taken}
      onSubmit={(event) => void save(typedIn(event), stands.version)}
    >
      <Grid templateColumns="repeat(auto-fit, minmax(170px, 1fr))" gap="2">
        {FIELDS.map(({ key, label, type, complete }) => (
          <Field.Root key={key}>
            <Field.Label fontSize="13.5px" mb="0">
              {label}
            </Field.Label>
            <Input size="sm" type={type} autoComplete={complete} name={key} defaultValue={stands.contact[key]} />
          </Field.Root>
        ))}
        <Field.Root>
          <Field.Label fontSize="13.5px" mb="0">
            Best by
          </Field.Label>
          <NativeSelect.Root size="sm">
            <NativeSelect.Field name="by" defaultValue={stands.contact.by ?? ''} bg="bar" borderColor="line">
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
          <Button size="xs" type="button" variant="outline" onClick={() => void save(typed.current, theirs.version)}>
            Keep mine
          </Button>{' '}
          <Button
            size="xs"
            type="button"
            variant="outline"
            onClick={() => {
              setStands({ version: theirs.version, contact: theirs.document })
              setTaken(taken + 1)
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
