'use client'

import { IconButton } from '@chakra-ui/react'
import { X } from 'lucide-react'

/** `mt`: beside fields with a label above them it stands lower. */
export function TakeOut({ label, onClick, mt = '6' }: { label: string; onClick(): void; mt?: string }) {
  return (
    <IconButton aria-label={label} size="sm" variant="ghost" mt={mt} onClick={onClick}>
      <X size={16} aria-hidden />
    </IconButton>
  )
}
