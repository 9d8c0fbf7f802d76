import { Box } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import { tokensOf } from '@hitchet/core/household/tokens'
import { householdSummary } from '@hitchet/core/household/summary'
import { HouseRulesProvider } from '../../look/houseRules'
import { MeasuresProvider } from '../../look/measures'
import { KEPT_UNTIL } from '../../offline/kept'
import { KeptPage } from '../../offline/KeptPage'
import { NotesProvider } from '../../offline/Notes'
import { Worker } from '../../offline/Worker'
import { may } from '../../server/auth/access'
import { houseRules } from '../../server/houseRules'
import type { Account } from '../../server/db/people/accounts'
import type { KeptHousehold } from '../../server/db/households'
import { measureSystem } from '../measureCookie'
import { TopBar, type Place } from './TopBar'

/** Every page inside: the bar with the open household, and the page below it. */
export async function Screen({
  account,
  kept,
  place,
  children,
}: {
  account: Account
  kept?: KeptHousehold
  place: Place
  children: ReactNode
}) {
  const { ways, seating } = houseRules()
  const open = kept && {
    id: kept.id,
    name: kept.household.name,
    summary: householdSummary(kept.household),
    tokens: tokensOf(kept.household.people),
  }
  return (
    <MeasuresProvider system={await measureSystem()}>
      {account.signedInUntil && <meta name={KEPT_UNTIL} content={account.signedInUntil.toISOString()} />}
      <HouseRulesProvider rules={{ ways, seating }}>
        <NotesProvider account={account.id}>
          <TopBar
            account={{ name: account.name, role: account.role }}
            sees={{ families: may(account.role, 'see families'), office: may(account.role, 'run the office') }}
            open={open}
            place={place}
          />
          <KeptPage />
          <Box as="main" id="content" maxW="1500px" mx="auto" px={{ base: 3, md: 6 }} pb="10">
            {children}
          </Box>
        </NotesProvider>
        <Worker />
      </HouseRulesProvider>
    </MeasuresProvider>
  )
}
