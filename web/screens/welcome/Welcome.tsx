'use client'

import { Box, Button, Field, Heading, Input, Link, Stack, Text } from '@chakra-ui/react'
import NextLink from 'next/link'
import { useState, type FormEvent } from 'react'
import { refusalText, request } from '../request'

/** Chooses a password by a link; `who` is absent where the link does not work (any more). */
export function Welcome({ token, who }: { token: string; who?: { name: string; email: string } }) {
  const [says, setSays] = useState<string>()
  const [busy, setBusy] = useState(false)
  const [done, setDone] = useState(false)
  const choose = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault()
    const password = new FormData(event.currentTarget).get('password')
    setBusy(true)
    const outcome = await request('POST', '/api/welcome', { token, password })
    setBusy(false)
    if (outcome.ok) setDone(true)
    else setSays(refusalText(outcome))
  }
  return (
    <Box as="main" maxW="420px" mx="auto" pt="12vh" px="4">
      <Heading as="h1" size="2xl" mb="2">
        {done ? 'That is your password now' : who ? `Welcome, ${who.name}` : 'This link does not work any more'}
      </Heading>
      {!who && !done && <Text>Each works once and for a while. Ask your manager for another.</Text>}
      {done && (
        <Link asChild color="green" fontWeight="600">
          <NextLink href="/sign-in">Sign in</NextLink>
        </Link>
      )}
      {who && !done && (
        <form onSubmit={(event) => void choose(event)}>
          <Stack gap="4">
            <Text>Choose the password that you sign in with as {who.email}.</Text>
            <input type="hidden" name="username" autoComplete="username" value={who.email} readOnly />
            <Field.Root required>
              <Field.Label>Password</Field.Label>
              <Input name="password" type="password" autoComplete="new-password" minLength={12} />
              <Field.HelperText color="line">Twelve characters or more. Four unrelated words do well.</Field.HelperText>
            </Field.Root>
            {says && (
              <Text role="alert" color="no">
                {says}
              </Text>
            )}
            <Button type="submit" loading={busy}>
              Take it
            </Button>
          </Stack>
        </form>
      )}
    </Box>
  )
}
