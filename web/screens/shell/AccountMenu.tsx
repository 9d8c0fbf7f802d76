'use client'

import { Button, HStack, Menu, Portal, Text } from '@chakra-ui/react'
import { CircleUser } from 'lucide-react'
import { useTheme } from 'next-themes'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import type { MeasureSystem } from '@hitchet/core/quantity/format'
import { useMeasures } from '../../look/measures'
import { forgetPages } from '../../offline/KeepHere'
import { useDeliver } from '../../offline/Notes'
import { draftsHere, forgetDrafts } from '../kept/onDevice'
import { request } from '../request'
import type { Sees } from './sees'

const A_YEAR = 365 * 24 * 60 * 60

/** The server reads it with each page. */
function readIn(system: MeasureSystem): void {
  document.cookie = `measures=${system}; path=/; max-age=${A_YEAR}; samesite=lax`
}

/** Who is signed in, what they read in, by day or in the evening, and the way out. */
export function AccountMenu({ account, sees }: { account: { name: string; role: string }; sees: Sees }) {
  const { resolvedTheme, setTheme } = useTheme()
  const system = useMeasures()
  const router = useRouter()
  const deliver = useDeliver()
  const [says, setSays] = useState<string>()
  const [losing, setLosing] = useState(0)
  const turnColors = () => setTheme(resolvedTheme === 'dark' ? 'light' : 'dark')
  const changeMeasures = () => {
    readIn(system === 'us' ? 'metric' : 'us')
    router.refresh()
  }
  const leave = async ({ losing = false } = {}) => {
    // Whoever signs out takes it that all they noted is with the dealership.
    const left = await deliver().catch(() => 0)
    if (left > 0)
      return setSays(
        `You are still signed in: ${left === 1 ? 'a note of yours waits' : `${left} notes of yours wait`} here to be sent.`,
      )
    const drafts = draftsHere()
    if (drafts > 0 && !losing) {
      setLosing(drafts)
      return setSays(undefined)
    }
    const outcome = await request('POST', '/api/sign-out')
    // Loaded anew: nothing of what was seen stays in the page.
    if (outcome.ok || outcome.kind === 'stranger') {
      forgetDrafts()
      await forgetPages().catch(() => undefined)
      window.location.assign('/sign-in')
    } else setSays(`You are still signed in. ${outcome.says}`)
  }
  return (
    <>
      {says && (
        <Text role="alert" fontSize="13.5px" color="no">
          {says}
        </Text>
      )}
      {losing > 0 && (
        <HStack role="alert" gap="2" fontSize="13.5px">
          <Text>
            {losing === 1 ? 'Something on this device is' : `${losing} things on this device are`} not saved yet.
            Signing out drops {losing === 1 ? 'it' : 'them'}.
          </Text>
          <Button size="xs" onClick={() => void leave({ losing: true })}>
            Drop and sign out
          </Button>
          <Button size="xs" variant="outline" onClick={() => setLosing(0)}>
            Stay
          </Button>
        </HStack>
      )}
      {/* Each item takes its own click: the menu selects only what it has lit up, and on a busy tablet it lights up late. */}
      <Menu.Root>
        <Menu.Trigger asChild>
          <Button variant="ghost" size="sm" aria-label={`${account.name}, ${account.role}: settings and sign out`}>
            <CircleUser aria-hidden size={20} />
          </Button>
        </Menu.Trigger>
        <Portal>
          <Menu.Positioner>
            <Menu.Content bg="bar" color="ink" borderWidth="1px" borderColor="line">
              <Menu.ItemGroup>
                <Menu.ItemGroupLabel>
                  {account.name}, {account.role}
                </Menu.ItemGroupLabel>
                <Menu.Item value="measures" onClick={changeMeasures}>
                  {system === 'us' ? 'Read in meters and kilograms' : 'Read in feet and pounds'}
                </Menu.Item>
                <Menu.Item value="theme" onClick={turnColors}>
                  {resolvedTheme === 'dark' ? 'Daylight colors' : 'Evening colors'}
                </Menu.Item>
                <Menu.Item value="own" onClick={() => router.push('/own')}>
                  Password and sign-in
                </Menu.Item>
                {sees.families && (
                  <Menu.Item value="outbox" onClick={() => router.push('/outbox')}>
                    Outbox
                  </Menu.Item>
                )}
                {sees.office && (
                  <Menu.Item value="office" onClick={() => router.push('/office')}>
                    Office
                  </Menu.Item>
                )}
                <Menu.Item value="out" onClick={() => void leave()}>
                  Sign out
                </Menu.Item>
              </Menu.ItemGroup>
            </Menu.Content>
          </Menu.Positioner>
        </Portal>
      </Menu.Root>
    </>
  )
}
