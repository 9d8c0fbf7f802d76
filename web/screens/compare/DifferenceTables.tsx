'use client'

import { Box, Heading, Table, Text } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import { phraseText } from '@hitchet/core/quantity/phrase'
import type { Reason } from '@hitchet/core/questions/reason'
import { Figure } from '../../look/measures'
import { ReadingValue } from '../unit/ReadingValue'
import { StockTag } from '../StockTag'
import { Reasons } from '../Verdict'
import type { Comparison } from './compared'

/** What tells the units apart, then, on demand, all the rest. */
export function DifferenceTables({
  comparison,
  onlyDifferences,
}: {
  comparison: Comparison
  onlyDifferences: boolean
}) {
  const { units, differences, figures, told } = comparison
  const toldRows = told.filter(({ differs }) => differs || !onlyDifferences)
  const rows = differences.filter(({ differs }) => differs || !onlyDifferences)
  const figureRows = figures.filter(({ differs }) => differs || !onlyDifferences)
  const head = (first: string) => (
    <Table.Header>
      <Table.Row bg="transparent">
        <Table.ColumnHeader w="130px" color="line">
          {first}
        </Table.ColumnHeader>
        {units.map(({ trailer }) => (
          <Table.ColumnHeader key={trailer.stock}>
            <StockTag stock={trailer.stock} />
          </Table.ColumnHeader>
        ))}
      </Table.Row>
    </Table.Header>
  )
  return (
    <Box pt="4">
      <Heading as="h2" size="md" mb="2">
        {onlyDifferences ? 'What tells them apart' : 'Everything that was asked'}
      </Heading>
      {rows.length === 0 && <Text mb="4">On every question they answer alike.</Text>}
      {rows.length > 0 && (
        <Grid>
          {head('Asked')}
          <Table.Body>
            {rows.map(({ question }) => (
              <Table.Row key={question} bg="transparent" verticalAlign="top">
                <RowHead>{units.flatMap(({ asked }) => asked).find(({ id }) => id === question)!.short}</RowHead>
                {units.map(({ trailer, asked }) => {
                  const answer = asked.find(({ id }) => id === question)?.answer
                  const others = units
                    .filter((unit) => unit.trailer !== trailer)
                    .map((unit) => unit.asked.find(({ id }) => id === question)?.answer.because ?? [])
                  return (
                    <Table.Cell key={trailer.stock} fontSize="14px" lineHeight="1.4">
                      {answer && (
                        <Reasons
                          answer={
                            onlyDifferences
                              ? {
                                  ...answer,
                                  because: answer.because.filter(
                                    (reason) => !others.every((list) => says(list, reason)),
                                  ),
                                }
                              : answer
                          }
                        />
                      )}
                    </Table.Cell>
                  )
                })}
              </Table.Row>
            ))}
          </Table.Body>
        </Grid>
      )}
      <Grid>
        {head('Figures')}
        <Table.Body>
          {figureRows.map(({ label, unit, long, cells }) => (
            <Table.Row key={label} bg="transparent">
              <RowHead>{label}</RowHead>
              {cells.map(({ value, source, contradicted }, i) => (
                <Table.Cell key={units[i]!.trailer.stock} className="figure" fontSize="15px">
                  <Figure value={value} unit={unit} long={long} />
                  <Text as="span" color="line" fontSize="13px">
                    {source &&
                      source !== 'label' &&
                      source !== 'measured' &&
                      ` (${source === 'told' ? 'hearsay' : 'maker’s sheet'})`}
                    {contradicted && ' another source says otherwise'}
                  </Text>
                </Table.Cell>
              ))}
            </Table.Row>
          ))}
        </Table.Body>
      </Grid>
      {toldRows.length > 0 && (
        <Grid>
          {head('What they have')}
          <Table.Body>
            {toldRows.map(({ group, label, spec, cells }) => (
              <Table.Row key={`${group} ${label}`} bg="transparent">
                <RowHead>{label}</RowHead>
                {cells.map(({ reading, none }, i) => (
                  <Table.Cell key={units[i]!.trailer.stock} fontSize="15px">
                    {none ? 'none' : reading ? <ReadingValue spec={spec} reading={reading} /> : 'not looked'}
                  </Table.Cell>
                ))}
              </Table.Row>
            ))}
          </Table.Body>
        </Grid>
      )}
    </Box>
  )
}

function Grid({ children }: { children: ReactNode }) {
  return (
    <Table.Root
      size="sm"
      mb="6"
      css={{ tableLayout: 'fixed', '& td, & th': { borderColor: 'hair', color: 'ink', overflowWrap: 'anywhere' } }}
    >
      {children}
    </Table.Root>
  )
}

function RowHead({ children }: { children: string }) {
  return (
    <Table.Cell asChild fontWeight="600" verticalAlign="top">
      <th scope="row">{children}</th>
    </Table.Cell>
  )
}

const says = (list: readonly Reason[], reason: Reason): boolean =>
  list.some((other) => phraseText(other.says) === phraseText(reason.says))
