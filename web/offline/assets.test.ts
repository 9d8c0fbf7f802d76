import { describe, expect, it } from 'vitest'
import { assetsIn } from './assets'

describe('what a page needs to open without a line', () => {
  it('its scripts, styles and fonts, each once, also those named in its data', () =>
    expect(
      assetsIn(
        `<link rel="preload" href="/_next/static/media/figtree.woff2"/><link href="/_next/static/css/a.css"/>
         <script src="/_next/static/chunks/main-1.js" async=""></script><script>push("x:I[7,[\\"/_next/static/chunks/12~a.js\\",
         \\"/_next/static/chunks/main-1.js\\"],1]")</script><a href="/static/other.txt">`,
      ),
    ).toEqual([
      '/_next/static/media/figtree.woff2',
      '/_next/static/css/a.css',
      '/_next/static/chunks/main-1.js',
      '/_next/static/chunks/12~a.js',
    ]))
})
