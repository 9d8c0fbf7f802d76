'use client'

import { usePathname, useSearchParams } from 'next/navigation'
import { renderQueryString, unstable_createAdapterProvider as createAdapterProvider } from 'nuqs/adapters/custom'
import { NuqsAdapter } from 'nuqs/adapters/next/app'
import { startTransition, Suspense, useEffect, type ReactNode } from 'react'
import { AddressAsked } from './addressAsked'

/** Time of day, layer, what is searched: state that stands in the address, so that it can be sent and gone back to. */
export function AddressState({ children }: { children: ReactNode }) {
  return (
    <NuqsAdapter>
      <FromTheLastAsked>
        <Suspense>
          <Settling />
        </Suspense>
        {children}
      </FromTheLastAsked>
    </NuqsAdapter>
  )
}

const FromTheLastAsked = createAdapterProvider(useAddress)

function useAddress() {
  return {
    searchParams: useSearchParams(),
    pathname: usePathname(),
    updateUrl,
    getSearchParamsSnapshot,
    rateLimitFactor: WRITES_EACH,
    autoResetQueueOnUpdate: false,
  }
}

/** How often an address is written for one change, here and by the router; browsers refuse too many. */
const WRITES_EACH = 3

/** One window has one address. */
const asked = new AddressAsked()

const address = (path: string, search: URLSearchParams) => `${path}?${search.toString()}`

function getSearchParamsSnapshot() {
  const latest = asked.latest(location.pathname + location.search)
  return new URL(latest, location.origin).searchParams
}

function updateUrl(
  search: URLSearchParams,
  { history: how, scroll }: { history: 'push' | 'replace'; scroll: boolean },
) {
  asked.ask(address(location.pathname, search))
  startTransition(() => {
    const write = how === 'push' ? history.pushState : history.replaceState
    write.call(history, null, '', location.pathname + renderQueryString(search) + location.hash)
    if (scroll) window.scrollTo(0, 0)
  })
}

/** Sees what the router has come to. */
function Settling() {
  const now = address(usePathname(), new URLSearchParams(useSearchParams()))
  useEffect(() => asked.shown(now), [now])
  return null
}
