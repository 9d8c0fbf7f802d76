import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { WalkEvent, WalkOutcome } from '@hitchet/core/walk/event'

/** What was noted and did not arrive yet, with who noted it: nobody else's hand sends it. */
export interface Waiting {
  /** In the order in which it was noted. */
  n: number
  account: string
  event: WalkEvent
}

/** What arrived and needs a second look: it was not taken, or somebody else had noted something meanwhile. */
export interface Told {
  id: string
  account: string
  event: WalkEvent
  taken: boolean
  says: string
}

interface Shelf extends DBSchema {
  waiting: { key: number; value: Omit<Waiting, 'n'> & { n?: number } }
  told: { key: string; value: Told }
}

export type Queue = ReturnType<typeof queueOn>

/** The notes of this device, in its own database: they are there after a reload, an empty battery and a night. */
export function queueOn(name = 'hitchet-notes') {
  let opened: Promise<IDBPDatabase<Shelf>> | undefined
  const shelf = () =>
    (opened ??= openDB<Shelf>(name, 1, {
      upgrade: (db) => {
        db.createObjectStore('waiting', { keyPath: 'n', autoIncrement: true })
        db.createObjectStore('told', { keyPath: 'id' })
      },
    }))
  return {
    async add(event: WalkEvent, account: string): Promise<void> {
      await (await shelf()).add('waiting', { account, event })
    },
    /** Oldest first. */
    async waiting(): Promise<Waiting[]> {
      return (await (await shelf()).getAll('waiting')) as Waiting[]
    },
    async told(): Promise<Told[]> {
      return (await shelf()).getAll('told')
    },
    /** What became of some of them: those wait no more, and what is to be told of them is kept until it was read. */
    async settle(some: readonly Waiting[], outcomes: readonly WalkOutcome[]): Promise<void> {
      const of = new Map(outcomes.map((one) => [one.id, one]))
      const writing = (await shelf()).transaction(['waiting', 'told'], 'readwrite')
      for (const { n, event, account } of some) {
        const outcome = of.get(event.id)
        if (!outcome) continue
        await writing.objectStore('waiting').delete(n)
        const { taken, says } = outcome
        if (says || !taken)
          await writing
            .objectStore('told')
            .put({ id: event.id, account, event, taken, says: says ?? 'It was not taken.' })
      }
      await writing.done
    },
    async read(id: string): Promise<void> {
      await (await shelf()).delete('told', id)
    },
    async close(): Promise<void> {
      if (opened) (await opened).close()
      opened = undefined
    },
  }
}
