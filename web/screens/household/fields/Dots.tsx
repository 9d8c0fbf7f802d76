'use client'

import { Popover, Portal } from '@chakra-ui/react'
import { Ellipsis } from 'lucide-react'
import { useState, type ReactNode } from 'react'

/** What is seldom asked, behind three dots, with how much of it was answered. What opens is there once it was opened. */
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
  const [wasOpened, setWasOpened] = useState(false)
  const dots = (
    <button
      type="button"
      className={`icon-button framed${under ? ' under' : ''}${wrong ? ' is-no' : ''}`}
      aria-label={label}
      aria-haspopup="dialog"
      onClick={wasOpened ? undefined : () => setWasOpened(true)}
    >
      <Ellipsis size={16} aria-hidden />
      {count > 0 && <span className="figure">{count}</span>}
    </button>
  )
  if (!wasOpened) return dots
  return (
    <Popover.Root defaultOpen lazyMount>
      <Popover.Trigger asChild>{dots}</Popover.Trigger>
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
