'use client'

import { Box, Button, Grid, HStack, Input, Text } from '@chakra-ui/react'
import { Scale as ScaleIcon } from 'lucide-react'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import type { Moment } from '@hitchet/core/loading/moments'
import { formatQuantity, type MeasureSystem } from '@hitchet/core/quantity/format'
import { LB_PER_KG, NotAFigure, parseWeight } from '@hitchet/core/quantity/parse'
import { phraseText } from '@hitchet/core/quantity/phrase'
import { pounds } from '@hitchet/core/quantity/quantity'
import { emptyFigures, reconcile, type EmptyFigures } from '@hitchet/core/weighing/reconcile'
import { weighed, type Ticket } from '@hitchet/core/weighing/ticket'
import { useMeasures } from '../../../../look/measures'
import { request } from '../../../request'
import { useSaving } from '../../../useSaving'
import { playedScale } from './playedScale'
import { withId } from '@hitchet/core/plan/withId'

const ROWS = [
  { id: 'bars', name: 'Hitched, bars on' },
  { id: 'loose', name: 'Hitched, bars off' },
  { id: 'alone', name: 'Vehicle alone' },
] as const
const COLUMNS = [
  { id: 'steer', name: 'Front axle' },
  { id: 'drive', name: 'Rear axle' },
  { id: 'trailer', name: 'Trailer axles' },
] as const

type Texts = Record<string, string>

export interface ThreeWeighingsProps {
  stock: string
  moment: Moment
  label: { uvw: number; hitchWeight?: number }
  /** About what the vehicle weighs as they leave, for the played scale. */
  vehicle: number
}

/** Three weighings of a certified scale against what was reckoned, and on a tap the unit's own figures. */
export function ThreeWeighings({ stock, moment, label, vehicle }: ThreeWeighingsProps) {
  const system = useMeasures()
  const [texts, setTexts] = useState<Texts>({})
  const [played, setPlayed] = useState(false)
  const read = readTicket(texts)
  const result = read.ticket && weighed(read.ticket)
  const said = (weight: number) => formatQuantity(pounds(Math.round(weight)), system)
  const play = async () => {
    const ticket = await playedScale({ trailer: moment.total, tongue: moment.tongue.least, vehicle }).weigh()
    setTexts(textsOf(ticket, system))
    setPlayed(true)
  }
  return (
    <>
      <Text fontSize="14.5px" mt="1" maxW="820px">
        Loaded as for “{moment.id === 'leaving' ? 'Leaving home' : MOMENT_NAMES[moment.id]}”, on one visit: hitched with
        the weight-distribution bars on, then with them off, then the vehicle alone with the same people in it.
      </Text>
      <Grid templateColumns="140px repeat(3, 110px)" gap="2" mt="2" alignItems="center" maxW="100%" overflowX="auto">
        <span />
        {COLUMNS.map(({ id, name }) => (
          <Text key={id} fontSize="13.5px">
            {name}
          </Text>
        ))}
        {ROWS.map((row) => [
          <Text key={row.id} fontSize="14.5px">
            {row.name}
          </Text>,
          ...COLUMNS.map((column) =>
            row.id === 'alone' && column.id === 'trailer' ? (
              <span key="none" />
            ) : (
              <Input
                key={`${row.id} ${column.id}`}
                size="sm"
                inputMode="decimal"
                className="figure"
                aria-label={`${row.name}, ${column.name.toLowerCase()}`}
                aria-invalid={read.wrong.includes(`${row.id}.${column.id}`)}
                value={texts[`${row.id}.${column.id}`] ?? ''}
                onChange={({ target }) => {
                  setPlayed(false)
                  setTexts({ ...texts, [`${row.id}.${column.id}`]: target.value })
                }}
              />
            ),
          ),
        ])}
      </Grid>
      <HStack gap="3" mt="2" flexWrap="wrap">
        <Button size="sm" variant="outline" onClick={() => void play()}>
          <ScaleIcon size={16} aria-hidden /> Play a scale
        </Button>
        <Text fontSize="13.5px" color="line">
          {played ? 'Played, not weighed: to practise with.' : 'A weight is written 6,200, 6200 lb or 2810 kg.'}
        </Text>
      </HStack>
      <Box aria-live="polite" mt="2" fontSize="14.5px" minH="24px">
        {read.wrong.length > 0 && <Text color="no">Not a weight: {read.wrong.map(cellName).join('; ')}.</Text>}
        {result && 'wrong' in result && <Text color="no">{phraseText(result.wrong, system)}</Text>}
        {result && 'weighed' in result && (
          <>
            <Text>
              The trailer weighs <b className="figure">{said(result.weighed.trailer)}</b>,{' '}
              <b className="figure">{said(result.weighed.tongue)}</b> of it on the hitch (
              {Math.round(result.weighed.share * 1000) / 10} %); bars put {said(result.weighed.toFront)} back onto the
              front axle; the rig weighs {said(result.weighed.combined)}.
            </Text>
            {reconcile(result.weighed, moment).map(({ what, says }) => (
              <Text key={what}>{phraseText(says, system)}</Text>
            ))}
            {moment.id === 'empty' && !played && (
              <TakeFigures stock={stock} figures={emptyFigures(result.weighed, moment, label)} />
            )}
            {moment.id !== 'empty' && (
              <Text color="line">Weighed empty, its dry weight and hitch weight can be taken from the ticket.</Text>
            )}
          </>
        )}
      </Box>
    </>
  )
}

const MOMENT_NAMES: Record<Moment['id'], string> = {
  leaving: 'Leaving home',
  full: 'Full of water',
  home: 'Going home',
  empty: 'Empty',
}

/** One tap, and the unit has been weighed. */
function TakeFigures({ stock, figures }: { stock: string; figures?: EmptyFigures }) {
  const system = useMeasures()
  const router = useRouter()
  const { busy, says, send } = useSaving()
  if (!figures)
    return <Text color="line">Measure its hitch weight and where things sit first: then they can be taken.</Text>
  const take = async () => {
    for (const key of ['uvw', 'hitchWeight'] as const) {
      const reading = { key: `readings.${key}`, text: `${figures[key]} lb`, source: 'measured' }
      const taken = await send(() => request('POST', `/api/trailers/${stock}/readings`, reading))
      if (!taken) return
    }
    router.refresh()
  }
  return (
    <HStack gap="3" mt="1">
      <Button size="sm" disabled={busy} onClick={() => void take()}>
        Take as measured: dry {formatQuantity(pounds(figures.uvw), system)}, hitch{' '}
        {formatQuantity(pounds(figures.hitchWeight), system)}
      </Button>
      <Text fontSize="14.5px">{says}</Text>
    </HStack>
  )
}

const CELLS = ROWS.flatMap(({ id: row }) =>
  COLUMNS.filter(({ id }) => row !== 'alone' || id !== 'trailer').map(({ id }) => `${row}.${id}`),
)

/** The ticket as far as it is typed: whole, or nothing yet; and what is no weight. */
function readTicket(texts: Texts): { ticket?: Ticket; wrong: string[] } {
  const values: Record<string, number> = {}
  const wrong: string[] = []
  for (const cell of CELLS) {
    const text = texts[cell]?.trim()
    if (!text) continue
    try {
      values[cell] = parseWeight(text)
    } catch (failure) {
      if (!(failure instanceof NotAFigure)) throw failure
      wrong.push(cell)
    }
  }
  if (wrong.length || CELLS.some((cell) => values[cell] === undefined)) return { wrong }
  const at = (row: string) => ({
    steer: values[`${row}.steer`]!,
    drive: values[`${row}.drive`]!,
    trailer: values[`${row}.trailer`] ?? 0,
  })
  return { ticket: { bars: at('bars'), loose: at('loose'), alone: at('alone') }, wrong }
}

function textsOf(ticket: Ticket, system: MeasureSystem): Texts {
  const text = (weight: number) => (system === 'metric' ? `${Math.round(weight / LB_PER_KG)} kg` : String(weight))
  return Object.fromEntries(
    Object.entries(ticket).flatMap(([row, platforms]) =>
      Object.entries(platforms as Record<string, number>).map(([column, weight]) => [`${row}.${column}`, text(weight)]),
    ),
  )
}

function cellName(cell: string): string {
  const [row, column] = cell.split('.')
  const [of, at] = [withId(ROWS, row), withId(COLUMNS, column)]
  return `${of.name.toLowerCase()}, ${at.name.toLowerCase()}`
}
