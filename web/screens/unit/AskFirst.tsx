'use client'

import { Box, Button, Text } from '@chakra-ui/react'
import { useState, type ReactNode } from 'react'
import { request } from '../request'
import { useSaving } from '../useSaving'

/** What is only fetched when somebody asks for it: a tap, and then what came. */
export function AskFirst<T>({ label, from, children }: { label: string; from: string; children(found: T): ReactNode }) {
  const { busy, says, send } = useSaving()
  const [found, setFound] = useState<T>()
  const ask = async () => setFound(await send(() => request<T>('GET', from)))
  if (found !== undefined) return children(found)
  return (
    <Box pt="2" className="no-print">
      <Button variant="outline" size="sm" loading={busy} onClick={() => void ask()}>
        {label}
      </Button>
      {says && says !== 'Saved.' && (
        <Text role="alert" color="no" fontSize="13.5px">
          {says}
        </Text>
      )}
    </Box>
  )
}
