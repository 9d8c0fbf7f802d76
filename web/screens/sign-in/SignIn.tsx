'use client'

import { Alert, Box, Button, Field, Heading, Input, Separator, Stack, Text } from '@chakra-ui/react'
import { useEffect, useState, type FormEvent } from 'react'
import { nobodyIsHere, takeDeviceOver } from '../../offline/whose'
import { request } from '../request'

/** The one page for strangers. In demo mode the made-up people are a click away. */
export function SignIn({ demoPeople }: { demoPeople: readonly { name: string; email: string; role: string }[] }) {
  const [says, setSays] = useState<string>()
  const [busy, setBusy] = useState(false)
  // Email and password were right: the code of the second factor is asked for besides.
  const [asksCode, setAsksCode] = useState(false)
  // Whoever stands here is nobody yet: what the last one saw is not theirs.
  useEffect(nobodyIsHere, [])
  const enter = async (url: string, body: unknown) => {
    setBusy(true)
    const outcome = await request<{ account: string } | { asks: 'code' }>('POST', url, body)
    if (outcome.ok && 'asks' in outcome.value) {
      setBusy(false)
      setSays(undefined)
      return setAsksCode(true)
    }
    if (outcome.ok) {
      await takeDeviceOver((outcome.value as { account: string }).account)
      // Loaded anew, in place of this page: no way back leads to what somebody else saw.
      return window.location.replace('/')
    }
    setBusy(false)
    setSays(outcome.says)
  }
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault()
    const form = new FormData(event.currentTarget)
    const code = form.get('code')
    const shown = { email: form.get('email'), password: form.get('password') }
    void enter('/api/sign-in', code ? { ...shown, code } : shown)
  }
  return (
    <Box as="main" maxW="420px" mx="auto" pt="12vh" px="4">
      <Heading as="h1" size="3xl" mb="1">
        Hitchet
      </Heading>
      <Text color="line" mb="6">
        Which trailer on the lot is right for this household, and why.
      </Text>
      <Box bg="bar" borderWidth="1px" borderColor="hair" borderRadius="7px" p="6">
        {demoPeople.length > 0 && (
          <Stack gap="2" mb="5">
            {demoPeople.map(({ name, email, role }) => (
              <Button key={email} disabled={busy} onClick={() => void enter('/api/sign-in/demo', { email })}>
                Enter as {name}, {role}
              </Button>
            ))}
            <Text fontSize="sm" color="line">
              This is the demo: everybody and everything in it is made up.
            </Text>
            <Separator borderColor="hair" my="2" />
          </Stack>
        )}
        <form onSubmit={submit}>
          <Stack gap="4">
            <Field.Root required>
              <Field.Label>Email</Field.Label>
              <Input name="email" type="email" autoComplete="username" />
            </Field.Root>
            <Field.Root required>
              <Field.Label>Password</Field.Label>
              <Input name="password" type="password" autoComplete="current-password" />
            </Field.Root>
            {asksCode && (
              <Field.Root required>
                <Field.Label>Code from the app on your phone</Field.Label>
                <Input name="code" inputMode="numeric" autoComplete="one-time-code" maxLength={8} autoFocus />
                <Field.HelperText color="line">Six digits, new every half minute.</Field.HelperText>
              </Field.Root>
            )}
            {says && (
              <Alert.Root status="error" bg="sunk" color="no">
                <Alert.Indicator color="no" />
                <Alert.Title>{says}</Alert.Title>
              </Alert.Root>
            )}
            <Button type="submit" variant={demoPeople.length ? 'outline' : 'solid'} loading={busy}>
              Sign in
            </Button>
            <Text fontSize="sm" color="line">
              Forgot your password? Your manager sends you a link. Lost your phone? They turn its code off.
            </Text>
          </Stack>
        </form>
      </Box>
    </Box>
  )
}
