'use client'

import { Box } from '@chakra-ui/react'
import { sideView } from '@hitchet/core/plan/living/sideView'
import { trailerFigure, type Trailer } from '@hitchet/core/trailer/trailer'
import { SideView } from '../../drawing/SideView'
import { useMeasures } from '../../look/measures'

/** What is chosen on the plan, seen from the side with somebody that tall, where that says more. */
export function FromTheSide({ trailer, chosen, tallest }: { trailer: Trailer; chosen: string; tallest: number }) {
  const system = useMeasures()
  const view = sideView(trailer.plan, chosen, trailerFigure(trailer, 'interiorHeight'))
  return (
    view && (
      <Box my="1">
        <SideView view={view} height={tallest} system={system} />
      </Box>
    )
  )
}
