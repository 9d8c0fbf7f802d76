'use client'

import { X } from 'lucide-react'

interface TakeOutProps {
  label: string
  onClick(): void
  /** Beside fields with a label above them it stands lower. */
  under?: boolean
  disabled?: boolean
}

export const TakeOut = ({ label, onClick, under, disabled }: TakeOutProps) => (
  <button
    type="button"
    className={under ? 'icon-button under' : 'icon-button'}
    aria-label={label}
    disabled={disabled}
    onClick={onClick}
  >
    <X size={16} aria-hidden />
  </button>
)
