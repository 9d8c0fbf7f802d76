'use client'

import { Box, Button, Field, Heading, HStack, Input, Text } from '@chakra-ui/react'
import { useRouter } from 'next/navigation'
import { useState, type FormEvent } from 'react'
import { request, refusalText, type Outcome } from '../request'

/** A secret that is not kept yet. */
interface Secret {
  /** A QR code, as SVG. */
  picture: string
  typed: string
  sealed: string
}

/** A code from the phone beside the password: set up by scanning a picture and typing its first code, turned off by a code. */
export function SecondFactor({ isOn }: { isOn: boolean }) {
  const router = useRouter()
  const [secret, setSecret] = useState<Secret>()
  const [says, setSays] = useState<string>()
  const [busy, setBusy] = useState(false)
  const send = async <T,>(asking: Promise<Outcome<T>>): Promise<T | undefined> => {
    setBusy(true)
    const outcome = await asking
    setBusy(false)
    setSays(outcome.ok ? undefined : refusalText(outcome))
    return outcome.ok ? outcome.value : undefined
  }
  const begin = async () => setSecret(await send(request<Secret>('POST', '/api/own/second-factor')))
  const confirm = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault()
    const code = new FormData(event.currentTarget).get('code')
    const body = secret ? { sealed: secret.sealed, code } : { code }
    if (!(await send(request(secret ? 'PUT' : 'DELETE', '/api/own/second-factor', body)))) return
    setSecret(undefined)
    router.refresh()
  }
  return (
    <Box as="section" aria-labelledby="second-factor" borderTopWidth="1px" borderColor="hair" py="4">
      <Heading as="h2" id="second-factor" size="md" mb="2">
        Code from your phone
      </Heading>
      <Text mb="3">
        {isOn
          ? 'On. Signing in as you takes your password and a code from your phone. Lost the phone? Your manager turns this off.'
          : 'Off. Turn it on, and signing in also takes a code from an authenticator app on your phone.'}
      </Text>
      {secret && (
        <>
          <Text>Scan this with the app, then type the code that it shows.</Text>
          <Box
            role="img"
            aria-label="The picture to scan"
            w="190px"
            my="3"
            bg="white"
            borderRadius="6px"
            dangerouslySetInnerHTML={{ __html: secret.picture }}
          />
          <Text fontSize="14px" mb="3">
            Or type it into the app: <span className="figure">{secret.typed.match(/.{1,4}/g)!.join(' ')}</span>
          </Text>
        </>
      )}
      {isOn || secret ? (
        <form onSubmit={(event) => void confirm(event)}>
          <HStack align="end" gap="3" flexWrap="wrap">
            <Field.Root required w="150px">
              <Field.Label>{secret ? 'Its code' : 'A code, to turn it off'}</Field.Label>
              <Input name="code" inputMode="numeric" autoComplete="one-time-code" maxLength={8} />
            </Field.Root>
            <Button type="submit" variant={secret ? 'solid' : 'outline'} loading={busy}>
              {secret ? 'Turn it on' : 'Turn it off'}
            </Button>
          </HStack>
        </form>
      ) : (
        <Button onClick={() => void begin()} loading={busy}>
          Set it up
        </Button>
      )}
      {says && (
        <Text role="alert" color="no" mt="2" fontSize="14.5px">
          {says}
        </Text>
      )}
    </Box>
  )
}
