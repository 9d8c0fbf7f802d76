'use client'

import { Box } from '@chakra-ui/react'
import dynamic from 'next/dynamic'
import { useState } from 'react'
import type { ThreeWeighingsProps } from './ThreeWeighings'

const ThreeWeighings = dynamic(() => import('./ThreeWeighings').then((it) => it.ThreeWeighings), { ssr: false })

/** A scale ticket, put away until somebody has one. */
export function ScaleTicket(weighing: ThreeWeighingsProps) {
  const [isOpen, setOpen] = useState(false)
  return (
    <Box asChild mt="3">
      {/* Opened before the page listened, it is open all the same. */}
      <details
        ref={(it) => void (it?.open && setOpen(true))}
        onToggle={({ currentTarget }) => setOpen(currentTarget.open)}
      >
        <Box as="summary" cursor="pointer" fontWeight="600" fontSize="14.5px">
          Scale ticket: three weighings against our estimate
        </Box>
        {isOpen && <ThreeWeighings {...weighing} />}
      </details>
    </Box>
  )
}
