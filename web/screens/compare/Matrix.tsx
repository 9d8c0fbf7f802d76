'use client'

import { Box, Button, Heading, HStack, Table, Text } from '@chakra-ui/react'
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
      <Table.Root
        size="sm"
        css={{
          tableLayout: 'fixed',
          '& td, & th': { borderColor: 'hair', color: 'ink', overflowWrap: 'anywhere', verticalAlign: 'top', py: '1' },
          '@media print': { '& td, & th': { py: '0' } },
        }}
      >
        <Table.Header>
          <Table.Row bg="transparent">
            <Table.ColumnHeader w={{ base: '104px', md: '190px' }}>
              <span className="sr-only">What is compared</span>
            </Table.ColumnHeader>
            {units.map(({ trailer }) => (
              <Table.ColumnHeader key={trailer.stock}>
                <StockTag stock={trailer.stock} />{' '}
                <Text as="span" fontWeight="600" display={{ base: 'none', md: 'inline' }}>
                  {trailerName(trailer)}
                </Text>
              </Table.ColumnHeader>
            ))}
          </Table.Row>
        </Table.Header>
        <Part title="Asked" columns={units.length} empty={asked.length === 0 && 'answered alike on every question'}>
          {asked.map(({ question, best }) => {
            const answers = units.map((unit) => unit.asked.find(({ id }) => id === question))
            const open = allWords || opened.has(question)
            return [
              <Table.Row key={question} bg="transparent">
                <RowHead>
                  <button
                    type="button"
                    className="plain"
                    aria-expanded={open}
                    onClick={() => toggle(question)}
                    style={{ minHeight: '24px', textAlign: 'left', cursor: 'pointer' }}
                  >
                    {answers.find(Boolean)!.short} <span aria-hidden>{open ? '▾' : '▸'}</span>
                  </button>
                </RowHead>
                {answers.map((one, i) => (
                  <Table.Cell key={units[i]!.trailer.stock}>
                    {one && (
                      <HStack gap="1.5" flexWrap="wrap" rowGap="0">
                        <PatternSwatch verdict={one.answer.verdict} />
                        <Text as="span" fontWeight="700" color={one.answer.verdict}>
                          {VERDICT_WORDS[one.answer.verdict]}
                        </Text>
                        <Text as="span" className="figure" fontSize="15px">
                          <Said phrase={marginText(one.answer)} />
                        </Text>
                        {best[i] && <Best word="best" />}
                      </HStack>
                    )}
                  </Table.Cell>
                ))}
              </Table.Row>,
              open && (
                <Table.Row key={`${question} words`} bg="transparent" className="no-print">
                  <Table.Cell />
                  {answers.map((one, i) => (
                    <Table.Cell key={units[i]!.trailer.stock} fontSize="14px" lineHeight="1.4">
                      {one && (
                        <Reasons
                          answer={
                            onlyDifferences
                              ? {
                                  ...one.answer,
                                  because: one.answer.because.filter(
                                    (reason) => !answers.every((other) => !other || says(other.answer.because, reason)),
                                  ),
                                }
                              : one.answer
                          }
                        />
                      )}
                    </Table.Cell>
                  ))}
                </Table.Row>
              ),
            ]
          })}
        </Part>
        <Part title="Figures" columns={units.length} empty={read.length === 0 && 'the same figures'}>
          {read.map(({ label, unit, long, word, cells }) => (
            <Table.Row key={label} bg="transparent">
              <RowHead>{label}</RowHead>
              {cells.map(({ value, reading, contradicted, best }, i) => (
                <Table.Cell key={units[i]!.trailer.stock}>
                  <Sourced reading={reading}>
                    <Text as="span" className="figure" fontSize="15px" fontWeight={best ? '700' : '500'}>
                      <Figure value={value} unit={unit} long={long} />
                    </Text>
                    {best && word && <Best word={word} />}
                    {contradicted && (
                      <Text as="span" color="no" fontSize="13px">
                        {' '}
                        another source says otherwise
                      </Text>
                    )}
                  </Sourced>
                </Table.Cell>
              ))}
            </Table.Row>
          ))}
        </Part>
        <Part
          title="What they have"
          columns={units.length}
          empty={having.length === 0 && 'nothing in which they differ'}
        >
          {(all || !onlyDifferences ? having : having.slice(0, FIRST)).map(({ group, label, spec, cells }, row) => (
            <Table.Row key={`${group} ${label}`} bg="transparent" className={row >= PRINTED ? 'no-print' : undefined}>
              <RowHead>{label}</RowHead>
              {cells.map(({ reading, none }, i) => (
                <Table.Cell key={units[i]!.trailer.stock} fontSize="15px">
                  {none ? (
                    'none'
                  ) : reading ? (
                    <Sourced reading={reading}>
                      <ReadingValue spec={spec} reading={reading} />
                    </Sourced>
                  ) : (
                    'not looked'
                  )}
                </Table.Cell>
              ))}
            </Table.Row>
          ))}
        </Part>
      </Table.Root>
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
    <Table.Body>
      <Table.Row bg="transparent">
        <Table.Cell asChild fontWeight="700" borderBottomWidth="1.5px" pt="3">
          <th scope="rowgroup" colSpan={columns + 1} style={{ textAlign: 'left' }}>
            {title}
            {empty && (
              <Text as="span" fontWeight="400">
                : {empty}
              </Text>
            )}
          </th>
        </Table.Cell>
      </Table.Row>
      {children}
    </Table.Body>
  )
}

function RowHead({ children }: { children: ReactNode }) {
  return (
    <Table.Cell asChild fontWeight="600">
      <th scope="row" style={{ textAlign: 'left' }}>
        {children}
      </th>
    </Table.Cell>
  )
}

/** Told by a frame and a word, never by color. */
function Best({ word }: { word: string }) {
  return (
    <Text
      as="span"
      ml="1.5"
      px="1.5"
      borderWidth="1px"
      borderColor="ink"
      borderRadius="4px"
      fontSize="12px"
      fontWeight="600"
      lineHeight="1.3"
    >
      {word}
    </Text>
  )
}

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
