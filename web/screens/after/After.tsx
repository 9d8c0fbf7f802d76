import { Box, Grid, Heading } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import { contactOf, followUpsOf } from '../../server/services/afterwards'
import type { KeptHousehold } from '../../server/db/households'
import { choicesOf } from '../../server/services/walkEvents'
import { LASTS, pagesOf } from '../../server/services/takeHomes'
import { dayOf as day, today } from '../../server/today'
import { PageHead } from '../PageHead'
import { ContactForm } from './ContactForm'
import { Ending } from './Ending'
import { FollowUps } from './FollowUps'
import { HandedPages } from './HandedPages'
import { MakePage } from './MakePage'
import { TheirData } from './TheirData'

/** In a week one comes back to them, unless somebody says otherwise. */
const WEEK = 7

/** What happens after the meeting: what they take home, how they are reached, when one comes back to them, how it ended. */
export async function After({ kept, stocks }: { kept: KeptHousehold; stocks: string[] }) {
  const { id, version, household, outcome } = kept
  const [pages, contact, followUps, choices] = await Promise.all([
    pagesOf(id),
    contactOf(id),
    followUpsOf(id),
    choicesOf(id),
  ])
  const pinned = [...choices].filter(([, { stands }]) => stands === 'pinned').map(([stock]) => stock)
  return (
    <>
      <PageHead title="Afterwards" line="what they take home, and what happens next" />
      <Grid templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1.5fr) minmax(0, 1fr)' }} gap="10">
        <Box>
          <Part id="take-home" title="They take home">
            <MakePage household={id} stocks={stocks.length ? stocks : pinned} days={LASTS.usual} />
            <HandedPages
              household={id}
              reached={{ email: Boolean(contact.contact.email), text: Boolean(contact.contact.phone) }}
              pages={pages.map(({ id: page, stocks: of, madeAt, by, expiresAt, withdrawnAt, visits, path, open }) => ({
                id: page,
                stocks: of,
                made: day(madeAt),
                by,
                until: day(expiresAt),
                withdrawn: withdrawnAt && day(withdrawnAt),
                visits,
                path,
                open,
              }))}
            />
          </Part>
          <Part id="ending" title="How it ended">
            <Ending household={id} outcome={outcome} pinned={pinned} />
          </Part>
        </Box>
        <Box>
          <Part id="follow-up" title="Come back to them">
            <FollowUps
              household={id}
              today={today()}
              usual={today(WEEK)}
              all={followUps.map(({ id: one, dueOn, why, doneAt }) => ({ id: one, dueOn, why, done: doneAt !== null }))}
            />
          </Part>
          <Part id="contact" title="How they are reached">
            <ContactForm household={id} kept={contact} />
          </Part>
          <Part id="data" title="Their data">
            <TheirData household={id} version={version} name={household.name} />
          </Part>
        </Box>
      </Grid>
    </>
  )
}

function Part({ id, title, children }: { id: string; title: string; children: ReactNode }) {
  return (
    <Box as="section" aria-labelledby={id} mb="8">
      <Heading as="h2" id={id} size="md" mb="2">
        {title}
      </Heading>
      {children}
    </Box>
  )
}
