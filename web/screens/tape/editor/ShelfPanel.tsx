'use client'

import { Box, Text, Wrap } from '@chakra-ui/react'
import { SHELF, type ShelfEntry } from '@hitchet/core/editing/shelf'

/**
 * Everything that can be put on a plan, in its usual size. By pointer: press it, then press the plan. By
 * keyboard: Enter puts it in the middle.
 */
export function ShelfPanel({
  held,
  onHold,
  onPlace,
}: {
  held?: ShelfEntry
  onHold(entry: ShelfEntry | undefined): void
  onPlace(entry: ShelfEntry): void
}) {
  return (
    <Box asChild maxH={{ base: '150px', lg: '390px' }} overflowY="auto" pr="1">
      <section aria-label="Shelf">
        {SHELF.map(({ title, entries }) => (
          <Box key={title} mb="2">
            <Text fontSize="12.5px" color="line" fontWeight="600">
              {title}
            </Text>
            <Wrap gap="1">
              {entries.map((entry) => (
                <button
                  key={`${entry.list}-${entry.name}`}
                  type="button"
                  aria-pressed={held === entry}
                  onClick={(event) =>
                    event.detail === 0 ? onPlace(entry) : onHold(held === entry ? undefined : entry)
                  }
                  style={{
                    border: '1px solid var(--h-colors-hair)',
                    borderRadius: '5px',
                    background: held === entry ? 'var(--h-colors-ink)' : 'var(--h-colors-bar)',
                    color: held === entry ? 'var(--h-colors-bar)' : undefined,
                    padding: '3px 8px',
                    minHeight: '28px',
                    fontSize: '13.5px',
                    cursor: 'pointer',
                  }}
                >
                  {entry.name}
                </button>
              ))}
            </Wrap>
          </Box>
        ))}
      </section>
    </Box>
  )
}
