/// <reference lib="webworker" />
import { CacheableResponsePlugin } from 'workbox-cacheable-response'
import { ExpirationPlugin } from 'workbox-expiration'
import { registerRoute, setCatchHandler } from 'workbox-routing'
import { CacheFirst, NetworkFirst } from 'workbox-strategies'
import { assetsIn } from './assets'
import { FORGET, KEEP, KEPT_SINCE, NEVER_OPENED, PAGES, STATIC } from './kept'
import { keptUntil } from './keptUntil'

declare const self: ServiceWorkerGlobalScope

const SIGN_IN = '/sign-in'
const YOUNG = 10 * 60 * 1_000
const A_WEEK = 7 * 24 * 60 * 60
const whole = () => new CacheableResponsePlugin({ statuses: [200] })

/** One page, whatever its address says of where on it one stands. Signing in is never kept in its place. */
const pages = new NetworkFirst({
  cacheName: PAGES,
  // Between metal walls a line that is there is often none.
  networkTimeoutSeconds: 6,
  plugins: [
    whole(),
    new ExpirationPlugin({ maxEntries: 80, maxAgeSeconds: A_WEEK }),
    {
      cacheKeyWillBeUsed: ({ request }) => Promise.resolve(new URL(request.url).pathname),
      cacheWillUpdate: ({ response }) =>
        Promise.resolve(response.status === 200 && !response.redirected ? response : null),
      // Whoever is led to sign in is signed in no more: what they saw goes.
      fetchDidSucceed: async ({ response }) => {
        if (response.ok && new URL(response.url).pathname === SIGN_IN) await forget()
        return response
      },
      cachedResponseWillBeUsed: ({ cachedResponse }) =>
        cachedResponse ? saysItIsOld(cachedResponse) : Promise.resolve(null),
    },
  ],
})

/**
 * The page as it was kept, with since when: nothing old is shown as if it had just come. Not after who saw it is signed in no
 * more.
 */
async function saysItIsOld(kept: Response): Promise<Response | null> {
  const since = new Date(kept.headers.get('date') ?? 0).toISOString()
  const text = await kept.text()
  const until = keptUntil(text)
  if (until !== undefined && until < Date.now()) {
    await forget()
    return null
  }
  const html = text.replace('<head>', `<head><meta name="${KEPT_SINCE}" content="${since}"/>`)
  const headers = new Headers(kept.headers)
  headers.delete('content-length')
  headers.delete('content-encoding')
  return new Response(html, { status: kept.status, statusText: kept.statusText, headers })
}

const parts = new CacheFirst({
  cacheName: STATIC,
  plugins: [whole(), new ExpirationPlugin({ maxEntries: 600, maxAgeSeconds: 4 * A_WEEK })],
})

registerRoute(({ url }) => url.pathname.startsWith('/_next/static/') || url.pathname === '/icon.svg', parts)
registerRoute(({ request, url }) => request.mode === 'navigate' && !url.pathname.startsWith('/api/'), pages)
setCatchHandler(async ({ request }) =>
  request.mode === 'navigate' ? ((await caches.match(NEVER_OPENED)) ?? Response.error()) : Response.error(),
)

self.addEventListener('install', (event) => {
  event.waitUntil(keep(NEVER_OPENED))
  void self.skipWaiting()
})
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()))
self.addEventListener('message', (event) => {
  const { kind, paths, anew } = event.data as { kind?: string; paths?: string[]; anew?: boolean }
  if (kind === FORGET) event.waitUntil(forget().then(() => event.ports[0]?.postMessage(FORGET)))
  if (kind === KEEP && paths) event.waitUntil(keepAll(paths, anew ?? false))
})

/** Goes up whenever all pages go: what was on its way then is not kept any more. */
let forgotten = 0

/** No page that somebody saw stays, nor one that is on its way. */
async function forget(): Promise<void> {
  forgotten += 1
  await caches.delete(PAGES)
}

/** One after the other: nobody waits for them. */
async function keepAll(paths: readonly string[], anew: boolean): Promise<void> {
  for (const path of paths) if (anew || !(await isYoung(path))) await keep(path)
}

/** What came a moment ago is not asked for again. */
async function isYoung(path: string): Promise<boolean> {
  const kept = await (await caches.open(PAGES)).match(path)
  const came = Date.parse(kept?.headers.get('date') ?? '')
  return Date.now() - came < YOUNG
}

/** A page with all that it needs, so that it opens without a line, though it was never opened itself. */
async function keep(path: string): Promise<void> {
  const before = forgotten
  const response = await fetch(path, { credentials: 'same-origin' }).catch(() => undefined)
  if (!response?.ok || response.redirected) return
  const html = await response.clone().text()
  if (forgotten !== before) return
  const shelf = await caches.open(STATIC)
  // What stands in for all of them outlasts them.
  await (path === NEVER_OPENED ? shelf : await caches.open(PAGES)).put(path, response)
  await Promise.all(
    assetsIn(html).map(async (asset) => {
      if (!(await shelf.match(asset))) await shelf.add(asset).catch(() => undefined)
    }),
  )
}
