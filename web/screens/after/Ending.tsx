'use client'

import { Button, Field, HStack, Input, Text } from '@chakra-ui/react'
import { useRouter } from 'next/navigation'
import { OUTCOMES, type Outcome, type OutcomeKind } from '@hitchet/core/household/outcome'
import { request } from '../request'
import { useSaving } from '../useSaving'
import { typedIn } from './typedIn'

/** One press says how it ended and takes them off the desk; another brings them back. */
export function Ending({ household, outcome, pinned }: { household: string; outcome?: Outcome; pinned: string[] }) {
  const router = useRouter()
  const { busy, says, send, say } = useSaving()
  const end = async (kind: OutcomeKind | null, { stock = '', why = '' }: Record<string, string> = {}) => {
    const body = { outcome: kind && { kind, why, ...(kind === 'bought' && { stock }) } }
    const saved = await send(() => request('PUT', `/api/households/${household}/outcome`, body))
    if (saved === undefined) return
    say(kind ? 'Noted: they are off the desk.' : 'They are on the desk again.')
    router.refresh()
  }
  return (
    <form
      onSubmit={(event) => {
        const { kind, ...typed } = typedIn(event)
        if (kind) void end(kind as OutcomeKind, typed)
      }}
    >
      {/* Enter in a field ends nothing: the form's own first button is one that cannot be pressed. */}
      <button type="submit" disabled hidden />
      {outcome && (
        <Text mb="2">
          <b>
            {OUTCOMES[outcome.kind]}
            {outcome.stock && `: ${outcome.stock}`}
          </b>
          {outcome.why && `, “${outcome.why}”`}{' '}
          <Button type="button" size="xs" variant="outline" ml="2" loading={busy} onClick={() => void end(null)}>
            It goes on after all
          </Button>
        </Text>
      )}
      <HStack gap="3" align="end" flexWrap="wrap">
        <Field.Root w="110px">
          <Field.Label fontSize="13.5px" mb="0">
            Unit bought
          </Field.Label>
          <Input
            size="sm"
            name="stock"
            defaultValue={outcome?.stock ?? pinned[0]}
            placeholder="T-118"
            autoComplete="off"
          />
        </Field.Root>
        <Field.Root flex="1" minW="220px">
          <Field.Label fontSize="13.5px" mb="0">
            Why, in their words
          </Field.Label>
          <Input
            size="sm"
            name="why"
            defaultValue={outcome?.why}
            maxLength={200}
            placeholder="nothing under 26 ft with four bunks"
            autoComplete="off"
          />
        </Field.Root>
      </HStack>
      <HStack gap="2" mt="2" flexWrap="wrap">
        {(Object.keys(OUTCOMES) as OutcomeKind[]).map((kind) => (
          <Button
            key={kind}
            type="submit"
            name="kind"
            value={kind}
            size="sm"
            variant={outcome?.kind === kind ? 'solid' : 'outline'}
            aria-pressed={outcome?.kind === kind}
            disabled={busy}
          >
            {OUTCOMES[kind]}
          </Button>
        ))}
      </HStack>
      <Text role="status" minH="22px" fontSize="14px">
        {says}
      </Text>
    </form>
  )
}
