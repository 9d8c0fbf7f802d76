import { Box, Heading, Link, List, Text } from '@chakra-ui/react'
import NextLink from 'next/link'
import { officeView, type OfficeView } from '../../server/services/people/office'
import { PageHead } from '../PageHead'
import { AskSecondFactor } from './AskSecondFactor'
import { EraseRecord } from './EraseRecord'
import { eventWords } from './eventWords'
import { Invite } from './Invite'
import { Person } from './Person'

/** The manager's page: who is in, what runs, what failed. */
export async function Office({ own }: { own: string }) {
  const { people, secondFactorOf, events, work, failed, faults, setAside } = await officeView()
  const now = new Date()
  return (
    <Box maxW="1180px">
      <PageHead title="Office" line="people and sign-ins, work in progress, recent failures" />
      <Part title="People">
        {people.map(({ id, name, email, role, sessions, since, hasSecondFactor }) => (
          <Person
            key={id}
            id={id}
            name={name}
            role={role}
            email={email}
            isOwn={id === own}
            hasSecondFactor={hasSecondFactor}
            signedIn={since && signedIn(sessions, ago(since, now))}
          />
        ))}
        <Invite />
        <AskSecondFactor of={secondFactorOf} />
      </Part>
      <Part title="At the door">
        {events.length === 0 && <Text>Nothing yet.</Text>}
        <Box maxH="340px" overflowY="auto" tabIndex={0} aria-label="What happened at the door, the latest first">
          <List.Root pl="5" fontSize="14.5px">
            {events.map(({ id, kind, about, by, detail, at }) => (
              <List.Item key={id}>
                {ago(at, now)}: {eventWords({ kind, about, by, detail })}
              </List.Item>
            ))}
          </List.Root>
        </Box>
      </Part>
      <Part title="Work in the background">
        {work.map(({ name, left, since }) => (
          <Text key={name} fontSize="15px">
            {name}: <b className="figure">{left.toLocaleString('en-US')}</b>
            {since && left > 0 && <>, the oldest since {ago(since, now)}</>}
          </Text>
        ))}
      </Part>
      <Part title="Units the program trips on">
        {failed.length === 0 && <Text>None.</Text>}
        <List.Root pl="5" fontSize="14.5px">
          {failed.map(({ stock, households, kind }) => (
            <List.Item key={stock}>
              <Link asChild color="green" fontWeight="600">
                <NextLink href={`/yard/${encodeURIComponent(stock)}`}>{stock}</NextLink>
              </Link>{' '}
              for{' '}
              {households === undefined ? 'everybody' : households === 1 ? 'one household' : `${households} households`}{' '}
              ({kind})
            </List.Item>
          ))}
        </List.Root>
        {failed.length > 0 && (
          <Text fontSize="14px" color="line" mt="1">
            Nothing is said of them in Match. Look over what was typed last and save it again; it is tried once more
            then, and after every update of the program. If it stays, send the unit’s file to the person who looks after
            Hitchet.
          </Text>
        )}
      </Part>
      <Part title="Records that cannot be read">
        {setAside.length === 0 && <Text>None.</Text>}
        <List.Root pl="5" fontSize="14.5px">
          {setAside.map(({ id, kind, name, why, at }) => (
            <List.Item key={id}>
              {kind === 'unit' ? 'Unit' : 'Household'} {name}: {why}. Put aside {ago(at, now)};{' '}
              <Link href={`/api/set-aside/${id}`} color="green" fontWeight="600">
                take it out as a file
              </Link>{' '}
              to put it right and bring it in again, or <EraseRecord id={id} name={name} />
            </List.Item>
          ))}
        </List.Root>
      </Part>
      <Faults faults={faults} now={now} />
    </Box>
  )
}

function Faults({ faults, now }: { faults: OfficeView['faults']; now: Date }) {
  return (
    <Part title="Failed lately">
      {faults.length === 0 && <Text>Nothing.</Text>}
      <List.Root pl="5" fontSize="14.5px">
        {faults.map(({ place, kind, at }, i) => (
          <List.Item key={i}>
            {ago(at, now)}: {place} ({kind})
          </List.Item>
        ))}
      </List.Root>
      {faults.length > 0 && (
        <Text fontSize="14px" color="line" mt="1">
          The log of the server says more.
        </Text>
      )}
    </Part>
  )
}

function Part({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <Box as="section" aria-label={title} borderTopWidth="1px" borderColor="hair" py="4">
      <Heading as="h2" size="md" mb="2">
        {title}
      </Heading>
      {children}
    </Box>
  )
}

/** `3 minutes ago`. */
function ago(then: Date, now: Date): string {
  const minutes = Math.max(0, Math.round((now.valueOf() - then.valueOf()) / 60_000))
  const said = new Intl.RelativeTimeFormat('en', { numeric: 'auto' })
  if (minutes < 90) return minutes === 0 ? 'just now' : said.format(-minutes, 'minute')
  if (minutes < 36 * 60) return said.format(-Math.round(minutes / 60), 'hour')
  return said.format(-Math.round(minutes / 1440), 'day')
}

const signedIn = (sessions: number, since: string): string =>
  sessions === 1 ? `signed in ${since}` : `signed in ${sessions} times, first ${since}`
