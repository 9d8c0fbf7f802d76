import createCache from '@emotion/cache'
import { CacheProvider, Global } from '@emotion/react'
import { writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { renderToStaticMarkup } from 'react-dom/server'
import { system } from './theme'

/**
 * Writes what is the same on every page (reset, tokens, the look's own rules) into one file, `look.css`, which a browser
 * fetches once; it would stand in every document else, and be made anew for each. Run by the build.
 */
const cache = createCache({ key: 'h' })
const drawn = renderToStaticMarkup(
  <CacheProvider value={cache}>
    <Global styles={system.layers.atRule} />
    <Global styles={system._global} />
  </CacheProvider>,
)
const css = [...drawn.matchAll(/<style[^>]*>([\s\S]*?)<\/style>/g)].map(([, text]) => text).join('\n')
writeFileSync(
  join(import.meta.dirname, 'look.css'),
  css.replaceAll('&gt;', '>').replaceAll('&quot;', '"').replaceAll('&#x27;', "'").replaceAll('&amp;', '&'),
)
