import { Box, Flex, Text } from '@chakra-ui/react'
import type { Plan } from '@hitchet/core/plan/plan'
import { frameFor } from '../../../drawing/frame'
import { PlanStrip } from '../../../drawing/PlanStrip'

/** Pixels for each of the two. */
const WIDE = 560

/** Two versions of a plan beside each other on one scale. */
export function TwoPlans({ mine, theirs }: { mine: Plan; theirs: Plan }) {
  const frame = frameFor([mine, theirs])
  return (
    <Flex mb="3" gap="6" flexWrap="wrap">
      {[
        { name: 'Yours', plan: mine },
        { name: 'Theirs', plan: theirs },
      ].map(({ name, plan }) => (
        <Box key={name}>
          <Text fontWeight="600" fontSize="14px">
            {name}
          </Text>
          <PlanStrip
            plan={plan}
            time="parked"
            frame={frame}
            scale={Math.min(1.5, WIDE / (frame.before + frame.after))}
            text={`${name}, parked`}
          />
        </Box>
      ))}
    </Flex>
  )
}
