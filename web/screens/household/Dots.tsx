'use client'

import { Button, Popover, Portal } from '@chakra-ui/react'
import { Ellipsis } from 'lucide-react'
import type { ReactNode } from 'react'

/** What is seldom asked, behind three dots, with how much of it was answered. */
export function Dots({
  label,
  count,
  wrong,
  under,
  children,
}: {
  label: string
  count: number
  wrong?: boolean
  under?: boolean
  children: ReactNode
}) {
  return (
    <Popover.Root lazyMount>
      <Popover.Trigger asChild>
        <Button
          size="sm"
          variant="outline"
          px="2"
          mt={under ? '6' : undefined}
          aria-label={label}
          color={wrong ? 'no' : undefined}
        >
          <Ellipsis size={16} aria-hidden />
          {count > 0 && <span className="figure">{count}</span>}
        </Button>
      </Popover.Trigger>
      <Portal>
        <Popover.Positioner>
          <Popover.Content bg="bar" color="ink" w="280px">
            <Popover.Body display="flex" flexDirection="column" gap="1" overflowY="auto" minH="0">
              {children}
            </Popover.Body>
          </Popover.Content>
        </Popover.Positioner>
      </Portal>
    </Popover.Root>
  )
}
