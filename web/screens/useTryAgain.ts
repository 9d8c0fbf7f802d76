import { useRouter } from 'next/navigation'
import { useEffect, useEffectEvent, useState, useTransition } from 'react'

/** So often a page that could not be made is tried again by itself, while that may help. */
const AGAIN_MS = 5_000

/** Asks the server for a broken page once more, on a press and, where `bySelf`, again and again. */
export function useTryAgain(reset: () => void, bySelf: boolean) {
  const router = useRouter()
  const [trying, start] = useTransition()
  const [tries, setTries] = useState(0)
  // The page is made on the server: it is asked for anew before the broken one is let go of.
  const again = () => {
    setTries((before) => before + 1)
    start(() => {
      router.refresh()
      reset()
    })
  }
  const onTime = useEffectEvent(again)
  useEffect(() => {
    if (!bySelf) return
    const timer = setInterval(() => onTime(), AGAIN_MS)
    return () => clearInterval(timer)
  }, [bySelf])
  return { again, trying, tries }
}
