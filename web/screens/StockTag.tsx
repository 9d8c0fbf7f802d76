import { Box } from '@chakra-ui/react'

/** The lot's own number, as it hangs in the window. */
export function StockTag({ stock }: { stock: string }) {
  return (
    <Box
      as="span"
      className="figure"
      bg="ink"
      color="bar"
      fontWeight="600"
      fontSize="14px"
      px="2"
      py="0.5"
      borderRadius="4px"
      whiteSpace="nowrap"
      css={{ '@media print': { color: 'var(--h-colors-ink)', borderWidth: '1px' } }}
    >
      {stock}
    </Box>
  )
}
