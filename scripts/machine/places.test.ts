import { spawn, spawnSync } from 'node:child_process'
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, describe, expect, it } from 'vitest'

const folder = mkdtempSync(join(tmpdir(), 'hitchet-places-'))
process.env.HITCHET_HOME = join(folder, 'home')
const { onceFor } = await import('./places.mjs')
const { isInstalled } = await import('./install.mjs')
const { freePort, isAlive, start, stop, stopLeftover } = await import('./processes.mjs')
afterAll(() => rmSync(folder, { recursive: true, force: true }))

describe('work that is done once', () => {
  const sources = join(folder, 'sources')
  mkdirSync(join(sources, 'node_modules'), { recursive: true })
  let runs = 0
  const once = (there = true) =>
    onceFor(
      'sample',
      [sources],
      () => there,
      () => {
        runs += 1
      },
    )

  it('is done again only when its inputs changed or its result is gone', async () => {
    writeFileSync(join(sources, 'a.ts'), 'one')
    expect([await once(), await once()]).toEqual([true, false])
    writeFileSync(join(sources, 'a.ts'), 'two')
    expect(await once()).toBe(true)
    expect(await once(false)).toBe(true)
    writeFileSync(join(sources, 'node_modules', 'b.js'), 'not ours')
    writeFileSync(join(sources, 'a.test.ts'), 'a test builds nothing')
    expect(await once()).toBe(false)
    expect(runs).toBe(3)
  })

  it('that failed is not taken as done', async () => {
    const fails = () =>
      onceFor(
        'failing',
        [sources],
        () => true,
        () => {
          throw new Error('no')
        },
      )
    await expect(fails()).rejects.toThrow('no')
    await expect(fails()).rejects.toThrow('no')
  })
})

describe('processes of ours', () => {
  it('a port that is taken is not offered', async () => {
    const server = createServer()
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
    const { port } = server.address() as { port: number }
    expect(await freePort(port)).not.toBe(port)
    await new Promise((resolve) => server.close(resolve))
    expect(await freePort(port)).toBe(port)
  })

  it('that were just being started when the script was cut short are not left behind', async () => {
    const script = `
      import { withEnding } from '${import.meta.dirname}/ending.mjs'
      import { start } from '${import.meta.dirname}/processes.mjs'
      await withEnding(async () => {
        const child = start('sleep', ['600'], { stdio: 'ignore' })
        console.log(child.pid)
        await new Promise(() => {})
      })`
    const cut = spawn(process.execPath, ['--input-type=module', '-e', script], { stdio: ['ignore', 'pipe', 'inherit'] })
    const said = await new Promise<Buffer>((resolve) => cut.stdout.once('data', resolve))
    expect(isAlive(Number(said))).toBe(true)
    cut.kill('SIGTERM')
    await new Promise((resolve) => cut.once('exit', resolve))
    expect(isAlive(Number(said))).toBe(false)
  })

  it('are stopped, also when they ignore the first asking', async () => {
    const deaf = start(
      process.execPath,
      ['-e', "process.on('SIGTERM', () => {}); process.stdout.write('up'); setInterval(() => {}, 1000)"],
      { stdio: ['ignore', 'pipe', 'ignore'] },
    )
    await new Promise((resolve) => deaf.stdout.once('data', resolve))
    expect(isAlive(deaf.pid)).toBe(true)
    await stop(deaf, 200)
    expect(isAlive(deaf.pid)).toBe(false)
  })

  it('left over by number are ended only when they are still ours', async () => {
    const child = start(process.execPath, ['-e', 'setInterval(() => {}, 1000)', 'sign-of-ours'], { stdio: 'ignore' })
    await stopLeftover(child.pid, 'somebody else')
    expect(isAlive(child.pid)).toBe(true)
    await stopLeftover(child.pid, 'sign-of-ours')
    await child.ended
    expect(isAlive(child.pid)).toBe(false)
  })
})

describe('a run that is interrupted', () => {
  it('ends the step it is at, and leaves nothing behind', async () => {
    const machine = (name: string) => JSON.stringify(join(import.meta.dirname, `${name}.mjs`))
    const step = `process.stderr.write(String(process.pid)), process.on('SIGTERM', () => {}), setInterval(() => {}, 1000)`
    const script = `
      const [{ withEnding }, { run }] = [await import(${machine('ending')}), await import(${machine('processes')})]
      await withEnding(async (atEnd) => {
        atEnd(() => console.log('stopped'))
        await run(process.execPath, ['-e', ${JSON.stringify(step)}])
      })`
    const ran = spawn(process.execPath, ['--input-type=module', '-e', script], { stdio: ['ignore', 'pipe', 'pipe'] })
    let said = ''
    ran.stdout.on('data', (part: Buffer) => (said += part.toString()))
    const pid = await new Promise<number>((resolve) => ran.stderr.once('data', (part) => resolve(Number(part))))
    const ended = new Promise((resolve) => ran.once('close', resolve))
    expect(isAlive(pid)).toBe(true)
    ran.kill('SIGINT')
    await ended
    expect(said).toBe('stopped\n')
    expect(isAlive(pid)).toBe(false)
  })
})

describe('packages of the lock file', () => {
  const lock = {
    '': {},
    core: {},
    'node_modules/@own/core': { link: true },
    'node_modules/a': { version: '1.0.0', integrity: 'x' },
    'node_modules/for-another-machine': { version: '2.0.0', optional: true },
  }
  const there = { 'node_modules/a': { version: '1.0.0', integrity: 'x' } }
  it.each([
    ['all there, but for what is for other machines', there, true],
    ['another version', { 'node_modules/a': { version: '1.0.1', integrity: 'x' } }, false],
    ['something else under its name', { 'node_modules/a': { version: '1.0.0', integrity: 'y' } }, false],
    ['one missing', {}, false],
    ['nothing there', undefined, false],
  ])('%s', (_, found, good) => expect(isInstalled(lock, found)).toBe(good))
})

describe('npm start without configuration', () => {
  it('refuses in one clear line', () => {
    const { status, stderr, stdout } = spawnSync(process.execPath, ['scripts/start.mjs'], {
      cwd: join(import.meta.dirname, '../..'),
      encoding: 'utf8',
      env: { ...process.env, DATABASE_URL: '' },
    })
    expect(status).toBe(1)
    expect(stdout).toBe('')
    expect(stderr.trim().split('\n')).toEqual([expect.stringMatching(/^Hitchet cannot start: DATABASE_URL is missing/)])
  })
})
