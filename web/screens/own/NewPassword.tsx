'use client'

import { Box, Button, Field, Heading, Input, Stack, Text } from '@chakra-ui/react'
import { useState, type FormEvent } from 'react'
import { request, refusalText } from '../request'

/** Another password, by who knows the old one. */
export function NewPassword() {
  const [said, setSaid] = useState<{ text: string; good: boolean }>()
  const [busy, setBusy] = useState(false)
  const change = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault()
    const form = event.currentTarget
    const given = new FormData(form)
    setBusy(true)
    const outcome = await request('PUT', '/api/own/password', {
      current: given.get('current'),
      next: given.get('next'),
    })
    setBusy(false)
    if (outcome.ok) form.reset()
    setSaid(
      outcome.ok
        ? { good: true, text: 'Changed. Wherever else you were signed in, you are not any more.' }
        : { good: false, text: refusalText(outcome) },
    )
  }
  return (
    <Box as="section" aria-labelledby="new-password" borderTopWidth="1px" borderColor="hair" py="4">
      <Heading as="h2" id="new-password" size="md" mb="2">
        Another password
      </Heading>
      <form onSubmit={(event) => void change(event)}>
        <Stack gap="3" maxW="380px">
          <Field.Root required>
            <Field.Label>Your password now</Field.Label>
            <Input name="current" type="password" autoComplete="current-password" />
          </Field.Root>
          <Field.Root required>
            <Field.Label>The new one</Field.Label>
            <Input name="next" type="password" autoComplete="new-password" minLength={12} />
            <Field.HelperText color="line">Twelve characters or more. Four unrelated words do well.</Field.HelperText>
          </Field.Root>
          {said && (
            <Text role={said.good ? 'status' : 'alert'} color={said.good ? 'fits' : 'no'} fontSize="14.5px">
              {said.text}
            </Text>
          )}
          <Button type="submit" alignSelf="start" loading={busy}>
            Change it
          </Button>
        </Stack>
      </form>
    </Box>
  )
}
