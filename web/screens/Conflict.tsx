'use client'

import { Box, Button, Heading, HStack, Table, Text } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import type { Differing } from './differing'

/**
 * The same thing was saved meanwhile, by somebody else or from another tab (`byYou`): both versions, and one of them chosen in
 * full sight. `shown`: both as pictures, where they are.
 */
export function Conflict({
  what,
  byYou,
  differences,
  shown,
  onMine,
  onTheirs,
}: {
  what: string
  byYou: boolean
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
        {byYou ? `You changed this ${what} somewhere else since you opened it here` : `Someone else saved this ${what}`}
      </Heading>
      <Text fontSize="14px" mb="2">
        Nothing was overwritten, and your version is still here. These values differ:
      </Text>
      {shown}
      <Table.Root size="sm" mb="3" bg="bar">
        <Table.Header>
          <Table.Row bg="bar">
            <Table.ColumnHeader>Where</Table.ColumnHeader>
            <Table.ColumnHeader>{byYou ? 'Here' : 'Yours'}</Table.ColumnHeader>
            <Table.ColumnHeader>{byYou ? 'There' : 'Theirs'}</Table.ColumnHeader>
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
          {byYou ? 'Save what’s here' : 'Save mine over theirs'}
        </Button>
        <Button size="sm" variant="outline" onClick={onTheirs}>
          {byYou ? 'Take the other, drop this' : 'Take theirs, drop mine'}
        </Button>
      </HStack>
    </Box>
  )
}
