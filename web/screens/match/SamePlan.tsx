'use client'

import NextLink from 'next/link'
import { Fragment, useState } from 'react'
import type { SameUnit } from '@hitchet/core/match/told/row'
import { phraseText } from '@hitchet/core/quantity/phrase'
import { Figure, Said } from '../../look/measures'
import { request } from '../request'
import { unitAddress } from '../unitAddress'

/** So many letters stand on one line beside a strip. */
const LINE = 74

/** A chip for each unit of the same plan, as many as stand on a line; the others on demand. */
export function SamePlan({
  stock: first,
  units,
  more: others,
  household,
}: {
  /** The unit whose plan it is. */
  stock: string
  units: readonly SameUnit[]
  /** So many of the plan are not told here. */
  more: number
  household: string
}) {
  const [all, setAll] = useState<readonly SameUnit[]>()
  if (units.length === 0) return null
  const shown = all ?? units.slice(0, Math.max(1, onOneLine(units)))
  const more = all ? 0 : units.length - shown.length + others
  const ask = async () => {
    if (others === 0) return setAll(units)
    const outcome = await request<readonly SameUnit[]>('GET', `/api/households/${household}/same/${first}`)
    if (outcome.ok) setAll(outcome.value)
  }
  return (
    <div className="same-plan">
      <span className="quiet">Same plan:</span>
      {shown.map(({ stock, price, differs }) => (
        <NextLink key={stock} className="chip" href={unitAddress(stock, household)} prefetch={false}>
          <b className="figure">{stock}</b> {price !== undefined && <Figure value={price} unit="$" />}
          {differs.map((one, i) => (
            <Fragment key={i}>
              {i === 0 ? ': ' : ', '}
              <Said phrase={one} />
            </Fragment>
          ))}
        </NextLink>
      ))}
      {more > 0 && (
        <button type="button" className="word-button" onClick={() => void ask()}>
          and {more} more
        </button>
      )}
    </div>
  )
}

/** How many chips stand on one line: stock number, price and what differs, with the gaps between. */
function onOneLine(units: readonly SameUnit[]): number {
  let letters = 0
  const over = units.findIndex(({ stock, differs }) => {
    letters += stock.length + 10 + differs.reduce((sum, one) => sum + phraseText(one).length + 2, 0)
    return letters > LINE
  })
  return over < 0 ? units.length : over
}
