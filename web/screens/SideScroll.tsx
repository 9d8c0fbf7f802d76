import { Box, type BoxProps } from '@chakra-ui/react'

/** What is wider than a narrow screen is moved sideways within itself: by a finger, and by the keyboard. */
export function SideScroll({ label, children, ...rest }: { label: string } & BoxProps) {
  return (
    <Box role="group" aria-label={label} tabIndex={0} overflowX="auto" {...rest}>
      {children}
    </Box>
  )
}
