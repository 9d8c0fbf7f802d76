import { Box, Table, Text } from '@chakra-ui/react'
import type { SleepStory } from '@hitchet/core/questions/sleep/story'

/** Whoever they are: the sheet's count beside what the widths of the mattresses give. */
export function CapacityTable({ capacity }: { capacity: SleepStory['capacity'] }) {
  const { advertised, adults, adultsAtOnce, children, childrenAtOnce } = capacity
  const rows: [string, number, number][] = [
    ['Nothing made up', adultsAtOnce, childrenAtOnce],
    ['All made up', adults, children],
  ]
  return (
    <Box>
      <Text as="h3" fontWeight="600" fontSize="15px" mb="1">
        Whoever they are
      </Text>
      <Table.Root size="sm" bg="transparent">
        <Table.Header>
          <Table.Row bg="transparent">
            <Table.ColumnHeader ps="0">It sleeps</Table.ColumnHeader>
            <Table.ColumnHeader textAlign="end">adults</Table.ColumnHeader>
            <Table.ColumnHeader textAlign="end">or children</Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {rows.map(([name, grown, small]) => (
            <Table.Row key={name} bg="transparent">
              <Table.Cell ps="0">{name}</Table.Cell>
              <Table.Cell textAlign="end" className="figure">
                {grown}
              </Table.Cell>
              <Table.Cell textAlign="end" className="figure">
                {small}
              </Table.Cell>
            </Table.Row>
          ))}
          <Table.Row bg="transparent">
            <Table.Cell ps="0">The sheet says</Table.Cell>
            <Table.Cell textAlign="end" colSpan={2} className="figure">
              {advertised ?? 'nothing'}
            </Table.Cell>
          </Table.Row>
        </Table.Body>
      </Table.Root>
    </Box>
  )
}
