import { spawn } from 'node:child_process'
import { once } from 'node:events'
import { connect, createServer, type Socket } from 'node:net'
import { join } from 'node:path'
// As it comes: a page that the server could not make is an error on the page too.
import { expect, test } from '@playwright/test'
import { serve } from '../scripts/machine/application.mjs'
import { ROOT } from '../scripts/machine/places.mjs'
import { freePort } from '../scripts/machine/processes.mjs'

/** What stands between a server and its database, and can be cut like a cable. */
async function cable(to: URL) {
  const sockets = new Set<Socket>()
  const relay = createServer((socket) => {
    const far = connect(Number(to.port), to.hostname)
    for (const one of [socket, far]) {
      sockets.add(one)
      one.on('error', () => one.destroy()).on('close', () => sockets.delete(one))
    }
    socket.pipe(far).pipe(socket)
  })
  const port = (await freePort()) as number
  const mend = () => once(relay.listen(port, '127.0.0.1'), 'listening')
  const cut = () => {
    relay.close()
    for (const socket of sockets) socket.destroy()
  }
  await mend()
  const url = new URL(to)
  url.host = `127.0.0.1:${port}`
  return { url: url.href, cut, mend }
}

const ENV = {
  SESSION_SECRET: 'only for tests, never for a dealership',
  HITCHET_DEMO: '1',
}

test('while the database is away pages and saves answer 503 in words; when it is back the page comes by itself', async ({
  page,
}) => {
  const { url, cut, mend } = await cable(new URL(process.env.HITCHET_DEMO_DATABASE!))
  const server = await serve({ port: await freePort(), env: { ...ENV, DATABASE_URL: url } })
  try {
    await page.goto(`${server.address}/sign-in`)
    await page.getByRole('button', { name: /, consultant$/ }).click()
    await expect(page.getByRole('navigation', { name: 'Places' })).toBeVisible()
    cut()
    const response = await page.goto(`${server.address}/yard`)
    expect(response!.status()).toBe(503)
    expect(response!.headers()['retry-after']).toBe('5')
    await expect(page.getByRole('heading', { name: 'The database does not answer' })).toBeVisible()
    const saved = await page.request.post(`${server.address}/api/households`, {
      headers: { origin: server.address },
      data: { id: '01a211c0-e19f-705b-a140-3081076aadf9', household: {} },
    })
    expect(saved.status()).toBe(503)
    expect(await saved.json()).toMatchObject({ kind: 'away' })
    await mend()
    await expect(page.getByRole('heading', { name: 'Yard', exact: true })).toBeVisible()
  } finally {
    await server.stop()
    cut()
  }
})

test('where another program listens already it ends with one line that says so', async ({ baseURL }) => {
  const { port } = new URL(baseURL!)
  const second = spawn(process.execPath, [join(ROOT, 'web', 'serve.mjs')], {
    cwd: join(ROOT, 'web'),
    env: {
      ...process.env,
      ...ENV,
      DATABASE_URL: process.env.HITCHET_DEMO_DATABASE,
      NODE_ENV: 'production',
      PORT: port,
    },
  })
  let said = ''
  second.stderr.on('data', (piece: Buffer) => (said += piece.toString()))
  const [code] = (await once(second, 'exit')) as [number]
  expect(code).toBe(1)
  expect(said.trim()).toBe(
    `Hitchet cannot start: another program listens at port ${port} of 127.0.0.1 already; stop it, or set PORT to another`,
  )
})
