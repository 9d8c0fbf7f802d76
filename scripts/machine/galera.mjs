import { chmodSync, cpSync, mkdirSync } from 'node:fs'
import { join } from 'node:path'
import { installIfPossible } from './install.mjs'
import { startMariaDb } from './mariadb.mjs'
import { Stop } from './places.mjs'
import { freePort } from './processes.mjs'

/** How one node tells another where its copy ends. */
const TRANSFER = join(import.meta.dirname, 'galera', 'wsrep_sst_begun')
const PROVIDER = '/usr/lib/galera/libgalera_smm.so'

/** Debian's `galera-4`, where it can be installed: whether it is here. */
export const installGalera = () => installIfPossible('galera-4', PROVIDER)

/**
 * Three MariaDB nodes of one Galera cluster below `folder`, on loopback. The first makes the data; the others begin with a copy
 * of it, and have the rest sent to them (incremental state transfer): Debian's scripts for a whole copy come with a server of their own.
 */
export async function startCluster(folder) {
  const first = join(folder, 'node-0')
  const folders = [first, join(folder, 'node-1'), join(folder, 'node-2')]
  const ports = []
  for (let i = 0; i < 3; i++) ports.push({ group: await freePort(), transfer: await freePort() })
  const members = ports.map(({ group }) => `127.0.0.1:${group}`).join(',')
  const flags = (number, alone) => [
    '--wsrep-on=ON',
    `--wsrep-provider=${PROVIDER}`,
    '--wsrep-cluster-name=hitchet',
    `--wsrep-cluster-address=gcomm://${alone ? '' : members}`,
    `--wsrep-node-name=node-${number}`,
    '--wsrep-node-address=127.0.0.1',
    '--wsrep-sst-method=begun',
    `--wsrep-provider-options=gmcast.listen_addr=tcp://127.0.0.1:${ports[number]?.group};ist.recv_addr=127.0.0.1:${ports[number]?.transfer};gcache.size=64M`,
    '--binlog-format=ROW',
    '--innodb-autoinc-lock-mode=2',
  ]
  // Beside the data, where whoever runs the nodes can read it.
  const path = join(folder, 'bin')
  mkdirSync(path, { recursive: true })
  cpSync(TRANSFER, join(path, 'wsrep_sst_begun'))
  chmodSync(join(path, 'wsrep_sst_begun'), 0o755)
  const begun = await startMariaDb(first, { more: flags(0, true) })
  await begun.stop()
  for (const other of folders.slice(1)) cpSync(first, other, { recursive: true, preserveTimestamps: true })
  const nodes = []
  for (const [number, own] of folders.entries()) {
    const node = await startMariaDb(own, { isSetUp: true, path, more: flags(number, number === 0) })
    await takesPart(node.url())
    nodes.push(node)
  }
  return {
    nodes,
    /** All three in one address, in the order of the nodes. */
    url(name = 'hitchet') {
      const urls = nodes.map((node) => new URL(node.url(name)))
      const hosts = urls.map(({ host }) => host).join(',')
      return `${urls[0]}`.replace(/@[^/]+/, `@${hosts}`)
    },
    stop: () => Promise.all(nodes.map((node) => node.stop())),
  }
}

/** Waits until a node has what the others have, and answers for the cluster. */
async function takesPart(url, seconds = 90) {
  // Installed by now; when this file is read it may not be.
  const { createConnection } = await import('mariadb')
  for (const until = Date.now() + seconds * 1000; Date.now() < until;) {
    try {
      const connection = await createConnection(url)
      const [row] = await connection.query("SHOW STATUS LIKE 'wsrep_ready'")
      await connection.end()
      if (row.Value === 'ON') return
    } catch {
      // It does not let anybody in yet.
    }
    await new Promise((resolve) => setTimeout(resolve, 200))
  }
  throw new Stop(`A node of the cluster did not come within ${seconds} s.`)
}
