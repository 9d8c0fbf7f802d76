import { Box, Text } from '@chakra-ui/react'
import type { Phrase } from '@hitchet/core/quantity/phrase'
import { Said } from '../../look/measures'

/** By what it stands out among those of its kind on the lot; nothing where it does not. */
export function AgainstLike({ says }: { says: Phrase[] }) {
  if (says.length === 0) return null
  return (
    <Box as="section" aria-labelledby="like" borderTopWidth="1px" borderColor="line" mt="5" pt="4">
      <Text as="h2" id="like" fontWeight="700">
        Against its like on the lot
      </Text>
      <Box as="ul" ps="18px" fontSize="15px">
        {says.map((one, i) => (
          <li key={i}>
            <Said phrase={one} />
          </li>
        ))}
      </Box>
    </Box>
  )
}
