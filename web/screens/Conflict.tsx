'use client'

import { Box, Button, Heading, HStack, Table, Text } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import type { Differing } from './differing'

/**
 * Somebody else saved the same thing meanwhile: both versions, and one of them chosen in full sight. `shown`:
 * both as pictures, where they are.
 */
export function Conflict({
  what,
  differences,
  shown,
  onMine,
  onTheirs,
}: {
  what: string
  differences: Differing[]
  shown?: ReactNode
  onMine(): void
  onTheirs(): void
}) {
  return (
    <Box
      role="alertdialog"
      aria-labelledby="conflict"
      borderWidth="2px"
      borderColor="tight"
      borderRadius="7px"
      bg="bar"
      p="4"
      my="3"
    >
      <Heading as="h2" id="conflict" size="sm">
        Somebody else saved this {what} in the meantime
      </Heading>
      <Text fontSize="14px" mb="2">
        Nothing was overwritten, and what you did is still here. These values differ:
      </Text>
      {shown}
      <Table.Root size="sm" mb="3" bg="bar">
        <Table.Header>
          <Table.Row bg="bar">
            <Table.ColumnHeader>Where</Table.ColumnHeader>
            <Table.ColumnHeader>Yours</Table.ColumnHeader>
            <Table.ColumnHeader>Theirs</Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {differences.map((one) => (
            <Table.Row key={one.path} bg="bar">
              <Table.Cell>{one.path}</Table.Cell>
              <Table.Cell>{one.mine}</Table.Cell>
              <Table.Cell>{one.theirs}</Table.Cell>
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
      <HStack>
        <Button size="sm" onClick={onMine}>
          Save mine over theirs
        </Button>
        <Button size="sm" variant="outline" onClick={onTheirs}>
          Take theirs, drop mine
        </Button>
      </HStack>
    </Box>
  )
}
