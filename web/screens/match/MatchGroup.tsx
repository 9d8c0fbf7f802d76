'use client'

import { Button, Text } from '@chakra-ui/react'
import { useEffect, useState } from 'react'
import { orderBy, worthsIn } from '@hitchet/core/match/told/weighed'
import type { Frame } from '../../drawing/frame'
import type { Choice } from '../../server/db/walkEvents'
import type { ShownRow } from '../../server/services/matchRows'
import { useMeasures } from '../../look/measures'
import { request } from '../request'
import { StripPicture } from '../StripPicture'
import { Keeping } from './Keeping'
import { useWeighed } from './Mattering'
import { MatchRow } from './MatchRow'

interface MatchGroupProps {
  household: string
  /** Every entry of the group in the house's own order: its first unit, and what each question is worth on it. */
  entries: { id: string; worths: (number | null)[] }[]
  /** Those that came with the page. */
  rows: ShownRow[]
  choices: Record<string, Choice>
  /** So many are shown before one asks for more. */
  first: number
  /** Put in order by what matters to these people. */
  weighed: boolean
  frame: Frame
}

/** So many rows are asked for at once, fewer than the server would give. */
const AT_ONCE = 40

/** Rows that came later, for the page as it was then, and the units that were asked for. */
interface Fetched {
  of: ShownRow[]
  rows: ShownRow[]
  asked: string[]
  wrong?: string
}

/** A group of the match: the first rows, in the order of what matters; the others come when they are asked for. */
export function MatchGroup({ household, entries, rows, choices, first, weighed, frame }: MatchGroupProps) {
  const scale = useWeighed()
  const system = useMeasures()
  const [shown, setShown] = useState(first)
  const [fetched, setFetched] = useState<Fetched>({ of: rows, rows: [], asked: [] })
  // The page was made anew: what was fetched for an older one is not shown beside it.
  const later: Fetched = fetched.of === rows ? fetched : { of: rows, rows: [], asked: [] }
  const known = new Map([...rows, ...later.rows].map((row) => [row.unit.id, row]))
  const order = weighed
    ? orderBy(
        entries.map(({ worths }) => worthsIn(scale.questions, worths)),
        scale.weights,
        scale.matters,
      ).map((i) => entries[i]!)
    : entries
  const wanted = order.slice(0, shown)
  // Whoever was asked for and did not come is not on the lot any more.
  const missing = wanted.filter(({ id }) => !known.has(id) && !later.asked.includes(id)).map(({ id }) => id)
  const asked = missing.slice(0, AT_ONCE).join(',')
  useEffect(() => {
    if (!asked) return
    const stop = new AbortController()
    const ask = async () => {
      const outcome = await request<{ rows: ShownRow[] }>(
        'GET',
        `/api/households/${household}/match/${asked}`,
        undefined,
        stop.signal,
      )
      if (stop.signal.aborted) return
      setFetched((last) => {
        const before = last.of === rows ? last : { of: rows, rows: [], asked: [] }
        return outcome.ok
          ? { of: rows, rows: [...before.rows, ...outcome.value.rows], asked: [...before.asked, ...asked.split(',')] }
          : { ...before, wrong: outcome.says }
      })
    }
    void ask()
    return () => stop.abort()
  }, [asked, household, rows])
  const left = entries.length - shown
  return (
    <>
      {wanted.map(({ id }) => {
        const row = known.get(id)
        if (!row) return null
        return (
          <MatchRow
            key={id}
            household={household}
            row={row}
            choice={choices[row.stock]}
            keeping={<Keeping stock={row.stock} household={household} choice={choices[row.stock]} />}
            strip={<StripPicture unit={row.unit} look="row" frame={frame} text={row.text[system]} />}
          />
        )
      })}
      {missing.length > 0 && (
        <Text role="status" color="line" py="2">
          {later.wrong ?? 'Fetching them …'}
        </Text>
      )}
      {left > 0 && (
        <Button variant="outline" size="sm" mt="3" onClick={() => setShown(shown + 3 * first)}>
          Show {Math.min(left, 3 * first)} more
        </Button>
      )}
    </>
  )
}
