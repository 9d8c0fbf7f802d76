import { useState } from 'react'
import type { Point } from '@hitchet/core/plan/shape/shape'
import { keepUnderlay, keptUnderlay } from './keptUnderlay'
import type { Underlay } from './underlay'

/** The picture under the plan: kept on this device, set to scale by two marks, slid by hand. */
export function useUnderlay(stock: string, onTrouble: (says: string) => void) {
  const [underlay, show] = useState(() => keptUnderlay(stock))
  const [marks, setMarks] = useState<Point[]>()
  const [sliding, setSliding] = useState(false)
  return {
    underlay,
    marks,
    setMarks,
    sliding,
    setSliding,
    isMarking: !!marks && marks.length < 2,
    setUnderlay(next: Underlay | undefined) {
      show(next)
      if (!keepUnderlay(stock, next))
        onTrouble('The picture is too large to be kept on this device: it stays until the page is left.')
    },
  }
}
