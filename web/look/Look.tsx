'use client'

import { ChakraProvider } from '@chakra-ui/react'
import createCache from '@emotion/cache'
import { CacheProvider } from '@emotion/react'
import { ThemeProvider } from 'next-themes'
import { useServerInsertedHTML } from 'next/navigation'
import { useState, type ReactNode } from 'react'
import { AddressState } from './AddressState'
import { quick } from './quickStyles'
import { system } from './theme'

/** What is the same on every page lies in `look.css` (`makeCss.tsx`). */
const WITHOUT_GLOBALS = quick({ ...system, _global: {} } as typeof system)

/** Theme, fonts, day and evening, and state in the address, around every page. */
export function Look({ nonce, children }: { nonce: string | undefined; children: ReactNode }) {
  return (
    <StylesInHead>
      <ChakraProvider value={WITHOUT_GLOBALS}>
        <ThemeProvider attribute="class" defaultTheme="light" disableTransitionOnChange nonce={nonce}>
          <AddressState>{children}</AddressState>
        </ThemeProvider>
      </ChakraProvider>
    </StylesInHead>
  )
}

/** Emotion's styles go into the head while the server streams, so that the first paint is already dressed. */
function StylesInHead({ children }: { children: ReactNode }) {
  const [{ cache, flush }] = useState(collecting)
  useServerInsertedHTML(() => {
    const names = flush()
    if (names.length === 0) return null
    const styles = names.map((name) => cache.inserted[name]).filter((style) => typeof style === 'string')
    return (
      <style
        key={cache.key}
        data-emotion={`${cache.key} ${names.join(' ')}`}
        dangerouslySetInnerHTML={{ __html: styles.join('') }}
      />
    )
  })
  return <CacheProvider value={cache}>{children}</CacheProvider>
}

/** A cache that remembers which styles came since it was last flushed. */
function collecting() {
  const cache = createCache({ key: 'h' })
  cache.compat = true
  const insert = cache.insert
  let fresh: string[] = []
  cache.insert = (...args) => {
    const name = args[1].name
    if (cache.inserted[name] === undefined) fresh.push(name)
    return insert(...args)
  }
  const flush = () => {
    const names = fresh
    fresh = []
    return names
  }
  return { cache, flush }
}
