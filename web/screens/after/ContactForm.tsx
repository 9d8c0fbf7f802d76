'use client'

import { Button, Field, Grid, Input, NativeSelect, Text } from '@chakra-ui/react'
import { useRef, useState } from 'react'
import { REACHED_BY, type Contact } from '@hitchet/core/household/contact'
import { request } from '../request'
import { useAskBeforeLeaving, useVersioned } from '../useVersioned'
import { typedIn } from './typedIn'

interface Kept {
  version: number
  contact: Contact
}
type Typed = Record<string, string>

const FIELDS = [
  { key: 'name', label: 'Who is asked for', type: 'text', complete: 'off' },
  { key: 'email', label: 'Email', type: 'email', complete: 'off' },
  { key: 'phone', label: 'Telephone', type: 'tel', complete: 'off' },
] as const

/** Kept apart from all that is reckoned with, and gone with the household. */
export function ContactForm({ household, kept }: { household: string; kept: Kept }) {
  const [stands, setStands] = useState(kept.contact)
  const [taken, setTaken] = useState(0)
  const [touched, setTouched] = useState(false)
  const typed = useRef<Typed>({})
  const { busy, says, theirs, save, beginWith } = useVersioned<Contact, Typed, Kept>({
    version: kept.version,
    put: (contact, version) => request('PUT', `/api/households/${household}/contact`, { version, contact }),
  })
  useAskBeforeLeaving(touched, 'Leave without saving how to reach them?')
  const saveTyped = async (contact: Typed, chosen?: number) => {
    typed.current = contact
    setTouched(false)
    if (!(await save(contact, chosen))) setTouched(true)
  }
  return (
    <form
      noValidate
      // Taken from somebody else, the fields are made anew. After a save of one’s own they stay: more may have been typed meanwhile.
      key={taken}
      onChange={() => setTouched(true)}
      onSubmit={(event) => void saveTyped(typedIn(event))}
    >
      <Grid templateColumns="repeat(auto-fit, minmax(170px, 1fr))" gap="2">
        {FIELDS.map(({ key, label, type, complete }) => (
          <Field.Root key={key}>
            <Field.Label fontSize="13.5px" mb="0">
              {label}
            </Field.Label>
            <Input size="sm" type={type} autoComplete={complete} name={key} defaultValue={stands[key]} />
          </Field.Root>
        ))}
        <Field.Root>
          <Field.Label fontSize="13.5px" mb="0">
            Best by
          </Field.Label>
          <NativeSelect.Root size="sm">
            <NativeSelect.Field name="by" defaultValue={stands.by ?? ''} bg="bar" borderColor="line">
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
          {theirs.byYou ? 'You saved something else somewhere else' : 'Someone else saved something else'}:{' '}
          {Object.values(theirs.document).filter(Boolean).join(', ') || 'nothing'}.{' '}
          <Button
            size="xs"
            type="button"
            variant="outline"
            onClick={() => void saveTyped(typed.current, theirs.version)}
          >
            {theirs.byYou ? 'Keep what’s here' : 'Keep mine'}
          </Button>{' '}
          <Button
            size="xs"
            type="button"
            variant="outline"
            onClick={() => {
              setStands(theirs.document)
              setTaken(taken + 1)
              setTouched(false)
              beginWith(theirs.version)
            }}
          >
            {theirs.byYou ? 'Take the other' : 'Take theirs'}
          </Button>
        </Text>
      )}
      <Text role="status" minH="20px" fontSize="13.5px" color="line">
        {says ??
          'Contact details stay out of household files and take-home pages. Only the full download below has them.'}
      </Text>
    </form>
  )
}
