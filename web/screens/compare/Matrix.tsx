'use client'

import { Box, Button, Heading, HStack, Text } from '@chakra-ui/react'
import { useState, type ReactNode } from 'react'
import { phraseText } from '@hitchet/core/quantity/phrase'
import { marginText } from '@hitchet/core/questions/margin'
import type { QuestionId } from '@hitchet/core/questions/index'
import type { Reason } from '@hitchet/core/questions/reason'
import type { Reading } from '@hitchet/core/readings/reading'
import { trailerName } from '@hitchet/core/trailer/trailer'
import { VERDICT_WORDS } from '../../drawing/patterns'
import { Figure, Said } from '../../look/measures'
import { StockTag } from '../StockTag'
import { ReadingSource, ReadingValue } from '../unit/ReadingValue'
import { PatternSwatch, Reasons } from '../Verdict'
import type { Comparison } from './compared'

/** So many rows of what they have are listed before one asks for more, and go on the printed sheet. */
const FIRST = 16
const PRINTED = 8

/**
 * Every question, figure and thing in which the units differ, a column each, the best of a row marked; words and sources
 * where one asks for them, all that is alike on demand.
 */
export function Matrix({
  comparison,
  onlyDifferences,
  allWords = false,
  onEverything,
}: {
  comparison: Comparison
  onlyDifferences: boolean
  /** The words of every question stand open. */
  allWords?: boolean
  onEverything?(): void
}) {
  const { units, differences, figures, told } = comparison
  const [all, setAll] = useState(false)
  const [opened, setOpened] = useState<ReadonlySet<QuestionId>>(new Set())
  const shown = <Row extends { differs: boolean }>(rows: readonly Row[]) =>
    rows.filter(({ differs }) => differs || !onlyDifferences)
  const [asked, read, having] = [shown(differences), shown(figures), shown(told)]
  const alike = [...differences, ...figures, ...told].filter(({ differs }) => !differs).length
  const toggle = (id: QuestionId) =>
    setOpened((last) => new Set(last.has(id) ? [...last].filter((one) => one !== id) : [...last, id]))
  return (
    <Box className="rows" pt="4" overflowX="auto">
      <Heading as="h2" size="md" mb="1">
        {onlyDifferences ? 'What tells them apart' : 'Everything that was asked and read'}
      </Heading>
      <table className="matrix">
        <thead>
          <tr>
            <th>
              <span className="sr-only">What is compared</span>
            </th>
            {units.map(({ trailer }) => (
              <th key={trailer.stock}>
                <StockTag stock={trailer.stock} /> <span className="name">{trailerName(trailer)}</span>
              </th>
            ))}
          </tr>
        </thead>
        <Part title="Asked" columns={units.length} empty={asked.length === 0 && 'answered alike on every question'}>
          {asked.map((row) => (
            <AskedRow
              key={row.question}
              row={row}
              units={units}
              isOpen={allWords || opened.has(row.question)}
              onlyDifferences={onlyDifferences}
              onToggle={() => toggle(row.question)}
            />
          ))}
        </Part>
        <Part title="Figures" columns={units.length} empty={read.length === 0 && 'the same figures'}>
          {read.map((row) => (
            <FigureRow key={row.label} row={row} units={units} />
          ))}
        </Part>
        <Part
          title="What they have"
          columns={units.length}
          empty={having.length === 0 && 'nothing in which they differ'}
        >
          {(all || !onlyDifferences ? having : having.slice(0, FIRST)).map((row, i) => (
            <HavingRow key={`${row.group} ${row.label}`} row={row} units={units} isPrinted={i < PRINTED} />
          ))}
        </Part>
      </table>
      {onlyDifferences && (
        <HStack gap="2" mt="2" flexWrap="wrap">
          {!all && having.length > FIRST && (
            <Button size="sm" variant="outline" onClick={() => setAll(true)}>
              {having.length - FIRST} more things in which they differ
            </Button>
          )}
          {alike > 0 && (
            <Button size="sm" variant="outline" onClick={onEverything}>
              {alike === 1 ? 'One row in which they are alike' : `${alike} rows in which they are alike`}
            </Button>
          )}
        </HStack>
      )}
      {having.length > PRINTED && (
        <Text display="none" fontSize="14px" css={{ '@media print': { display: 'block' } }}>
          and {having.length - PRINTED} more in what they have
        </Text>
      )}
    </Box>
  )
}

type Units = Comparison['units']

/** One question: each unit's answer in a word and a figure; its reasons, where asked for, in a row of their own. */
function AskedRow({
  row: { question, best },
  units,
  isOpen,
  onlyDifferences,
  onToggle,
}: {
  row: Comparison['differences'][number]
  units: Units
  isOpen: boolean
  /** Reasons that all of them share are left out. */
  onlyDifferences: boolean
  onToggle(): void
}) {
  const answers = units.map((unit) => unit.asked.find(({ id }) => id === question))
  const isShared = (reason: Reason): boolean => answers.every((other) => !other || says(other.answer.because, reason))
  return (
    <>
      <tr>
        <th scope="row">
          <button type="button" className="plain" aria-expanded={isOpen} onClick={onToggle}>
            {answers.find(Boolean)!.short} <span aria-hidden>{isOpen ? '▾' : '▸'}</span>
          </button>
        </th>
        {answers.map((one, i) => (
          <td key={units[i]!.trailer.stock}>
            {one && (
              <div className="answered">
                <PatternSwatch verdict={one.answer.verdict} />
                <b className={`is-${one.answer.verdict}`}>{VERDICT_WORDS[one.answer.verdict]}</b>
                <span className="figure">
                  <Said phrase={marginText(one.answer)} />
                </span>
                {best[i] && <Best word="best" />}
              </div>
            )}
          </td>
        ))}
      </tr>
      {isOpen && (
        <tr className="no-print">
          <td />
          {answers.map((one, i) => (
            <td key={units[i]!.trailer.stock} className="words">
              {one && (
                <Reasons
                  answer={
                    onlyDifferences
                      ? { ...one.answer, because: one.answer.because.filter((reason) => !isShared(reason)) }
                      : one.answer
                  }
                />
              )}
            </td>
          ))}
        </tr>
      )}
    </>
  )
}

function FigureRow({
  row: { label, unit, long, word, cells },
  units,
}: {
  row: Comparison['figures'][number]
  units: Units
}) {
  return (
    <tr>
      <th scope="row">{label}</th>
      {cells.map(({ value, reading, contradicted, best }, i) => (
        <td key={units[i]!.trailer.stock}>
          <Sourced reading={reading}>
            <span className={best ? 'figure best' : 'figure'}>
              <Figure value={value} unit={unit} long={long} />
            </span>
            {best && word && <Best word={word} />}
            {contradicted && <span className="is-no otherwise"> another source says otherwise</span>}
          </Sourced>
        </td>
      ))}
    </tr>
  )
}

function HavingRow({
  row: { label, spec, cells },
  units,
  isPrinted,
}: {
  row: Comparison['told'][number]
  units: Units
  isPrinted: boolean
}) {
  return (
    <tr className={isPrinted ? undefined : 'no-print'}>
      <th scope="row">{label}</th>
      {cells.map(({ reading, none }, i) => (
        <td key={units[i]!.trailer.stock} className="has">
          {none ? (
            'none'
          ) : reading ? (
            <Sourced reading={reading}>
              <ReadingValue spec={spec} reading={reading} />
            </Sourced>
          ) : (
            'not looked'
          )}
        </td>
      ))}
    </tr>
  )
}

function Part({
  title,
  columns,
  empty,
  children,
}: {
  title: string
  columns: number
  /** What is said where there is no row. */
  empty: string | false
  children: ReactNode
}) {
  return (
    <tbody>
      <tr>
        <th scope="rowgroup" colSpan={columns + 1}>
          {title}
          {empty && <span className="empty">: {empty}</span>}
        </th>
      </tr>
      {children}
    </tbody>
  )
}

/** Told by a frame and a word, never by color. */
const Best = ({ word }: { word: string }) => <span className="framed-word">{word}</span>

/** A figure that, pressed, says where it comes from. */
function Sourced({ reading, children }: { reading?: Reading; children: ReactNode }) {
  if (!reading) return children
  return (
    <details>
      <summary style={{ cursor: 'pointer', listStyle: 'none', minHeight: '24px' }}>{children}</summary>
      <ReadingSource reading={reading} />
    </details>
  )
}

const says = (list: readonly Reason[], reason: Reason): boolean =>
  list.some((other) => phraseText(other.says) === phraseText(reason.says))
