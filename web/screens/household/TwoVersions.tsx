'use client'

import type { Household } from '@hitchet/core/household/household'
import { Conflict } from '../Conflict'
import { differing } from '../differing'

/** A household as it stands here and as somebody else saved it meanwhile. */
export function TwoVersions({
  mine,
  theirs,
  ...chosen
}: {
  mine: Household
  theirs: Household
  byYou: boolean
  onMine(): void
  onTheirs(): void
}) {
  return <Conflict what="household" differences={differing(mine, theirs)} {...chosen} />
}
