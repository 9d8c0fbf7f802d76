'use client'

import { Button, Text } from '@chakra-ui/react'
import { useRouter } from 'next/navigation'
import { parseAsArrayOf, parseAsString, useQueryState } from 'nuqs'
import { createContext, useContext, type ReactNode } from 'react'
import { Shortcuts } from '../shell/Shortcuts'
import { useKeys } from '../shell/useKeys'

/** As many strips as one screen holds. */
const MOST = 4

interface Choice {
  chosen: string[]
  toggle(stock: string): void
}

const Chosen = createContext<Choice>({ chosen: [], toggle: () => {} })

/** Which units are to be compared; kept in the address. Until someone chooses, the first three are. */
export function Choosing({ first, children }: { first: string[]; children: ReactNode }) {
  const [own, setOwn] = useQueryState('units', parseAsArrayOf(parseAsString))
  const chosen = own ?? first
  const toggle = (stock: string) =>
    void setOwn(chosen.includes(stock) ? chosen.filter((one) => one !== stock) : [...chosen, stock])
  return <Chosen.Provider value={{ chosen, toggle }}>{children}</Chosen.Provider>
}

export function ChooseUnit({ stock }: { stock: string }) {
  const { chosen, toggle } = useContext(Chosen)
  const is = chosen.includes(stock)
  return (
    <label className="choice">
      <input
        type="checkbox"
        checked={is}
        disabled={!is && chosen.length >= MOST}
        onChange={() => toggle(stock)}
        aria-label={`Compare ${stock}`}
      />{' '}
      Compare
    </label>
  )
}

export function CompareChosen({ household }: { household: string }) {
  const { chosen } = useContext(Chosen)
  const router = useRouter()
  const go = () => {
    if (chosen.length >= 2) router.push(`/households/${household}/compare?units=${chosen.join(',')}`)
  }
  useKeys({ c: go })
  return (
    <>
      <Text fontSize="14px" color="line">
        {chosen.length < 2 ? 'Choose two to four' : chosen.join(', ')}
      </Text>
      <Button disabled={chosen.length < 2} onClick={go}>
        Compare {chosen.length < 2 ? '' : chosen.length}
      </Button>
      <Shortcuts keys={{ C: 'Compare the chosen units' }} />
    </>
  )
}
