import { Box, Heading, HStack, Table, Text } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import type { MeasureSystem } from '@hitchet/core/quantity/format'
import { apart } from '@hitchet/core/takehome/apart'
import type { TakenUnit } from '@hitchet/core/takehome/takeHome'
import { askingWords, figureWords } from '@hitchet/core/takehome/words'
import { trailerName } from '@hitchet/core/trailer/trailer'
import { VERDICT_WORDS } from '../../drawing/patterns'
import { SideScroll } from '../SideScroll'
import { PatternSwatch } from '../Verdict'

/** Where the units they took home differ, a column each: what was answered and what was read. */
export function ApartTable({ units, system }: { units: readonly TakenUnit[]; system: MeasureSystem }) {
  const { figures, answers } = apart(units)
  return (
    <Box as="section" aria-labelledby="apart" mt="4">
      <Heading as="h2" id="apart" size="lg">
        Where they differ
      </Heading>
      <SideScroll label="Where the trailers differ">
        <Table.Root size="sm" css={{ '& td, & th': { borderColor: 'hair', color: 'ink', py: '1', fontSize: '15px' } }}>
          <Table.Header>
            <Table.Row bg="transparent">
              <Table.ColumnHeader>
                <span className="sr-only">What is compared</span>
              </Table.ColumnHeader>
              {units.map((unit) => (
                <Table.ColumnHeader key={unit.stock} fontWeight="700">
                  {unit.stock} {trailerName(unit)}
                </Table.ColumnHeader>
              ))}
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {figures.map(({ label, cells }) => (
              <Row key={label} label={label}>
                {cells.map((one, i) => (
                  <Table.Cell key={i} className="figure">
                    {label === 'Asking' ? askingWords(one.value) : figureWords(one, system)}
                  </Table.Cell>
                ))}
              </Row>
            ))}
            {answers.map(({ short, cells }) => (
              <Row key={short} label={short}>
                {cells.map((verdict, i) => (
                  <Table.Cell key={i}>
                    {verdict && (
                      <HStack gap="1.5">
                        <PatternSwatch verdict={verdict} />
                        <Text as="span" fontWeight="700" color={verdict}>
                          {VERDICT_WORDS[verdict]}
                        </Text>
                      </HStack>
                    )}
                  </Table.Cell>
                ))}
              </Row>
            ))}
          </Table.Body>
        </Table.Root>
      </SideScroll>
      {answers.length === 0 && <Text>Every question was answered alike.</Text>}
    </Box>
  )
}

function Row({ label, children }: { label: string; children: ReactNode }) {
  return (
    <Table.Row bg="transparent">
      <Table.Cell asChild fontWeight="600">
        <th scope="row" style={{ textAlign: 'left' }}>
          {label}
        </th>
      </Table.Cell>
      {children}
    </Table.Row>
  )
}
