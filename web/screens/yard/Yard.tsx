import { Button, Link } from '@chakra-ui/react'
import NextLink from 'next/link'
import { drawnPlan } from '@hitchet/core/plan/drawnPlan'
import { planText } from '../../drawing/planText'
import { headline } from '@hitchet/core/match/headline'
import type { Household } from '@hitchet/core/household/household'
import { yardUnit } from '@hitchet/core/yard/unit'
import { frameFor } from '../../drawing/frame'
import { allTrailers } from '../../server/db/trailers'
import { matchedYard, type MatchedTrailer } from '../../server/services/yard'
import { measureSystem } from '../measureCookie'
import { PageHead } from '../PageHead'
import { YardList, type YardRow } from './YardList'

/** All stock as strips on one ruler; with a household open, each with how it stands for them. */
export async function Yard({ open }: { open?: { id: string; household: Household } }) {
  const trailers: (Omit<MatchedTrailer, 'match'> & Partial<Pick<MatchedTrailer, 'match'>>)[] = open
    ? await matchedYard(open.household)
    : await allTrailers()
  const system = await measureSystem()
  const frame = frameFor(trailers.map(({ trailer }) => trailer.plan))
  const rows = trailers.map(({ trailer, match }): YardRow => ({
    unit: yardUnit(trailer),
    plan: drawnPlan(trailer.plan),
    text: planText(trailer, 'parked', system),
    ...(match && { standing: match.standing, says: headline(match.answers) }),
  }))
  return (
    <>
      <PageHead title="Yard" line={`${rows.length} units in stock, drawn to one scale from the coupler`}>
        <Button asChild size="sm">
          <NextLink href="/yard/take-in">Take a unit in</NextLink>
        </Button>
        <Button asChild variant="outline" size="sm">
          <Link asChild>
            <NextLink href="/yard/import">Bring in files</NextLink>
          </Link>
        </Button>
      </PageHead>
      <YardList rows={rows} frame={frame} under={open ? `/households/${open.id}/units` : '/yard'} />
    </>
  )
}
