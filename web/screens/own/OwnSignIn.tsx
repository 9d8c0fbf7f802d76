import { Box } from '@chakra-ui/react'
import { PageHead } from '../PageHead'
import { NewPassword } from './NewPassword'
import { SecondFactor } from './SecondFactor'

/** One's own password and second factor. `must`: the house asks one of them, and they have none. */
export const OwnSignIn = ({ hasSecondFactor, must }: { hasSecondFactor: boolean; must: boolean }) => (
  <Box maxW="560px">
    <PageHead
      title="Password and sign-in"
      line={
        must
          ? 'the house asks you for a second factor: set it up below, then everything is open again'
          : 'how you sign in here'
      }
    />
    <SecondFactor isOn={hasSecondFactor} />
    <NewPassword />
  </Box>
)
