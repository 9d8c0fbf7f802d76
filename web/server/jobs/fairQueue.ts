import { queueOptionsSymbol, type TaskQueue } from 'piscina'

type Task = Parameters<TaskQueue['push']>[0]

/** How a job is queued. */
export interface Queued {
  /** Nobody waits for it: whatever somebody waits for goes first. */
  whenIdle: boolean
  /** Who waits for it. */
  person?: string
  /** Until a thread takes it; a job that finds a free thread never does. */
  waits?: boolean
}

/** How a pool takes its jobs. As pools come, a job that finds no free thread when it is its turn goes behind all others. */
export const inFairTurns = () => ({ taskQueue: new FairQueue(), stricterFIFO: true })

/** What people wait for goes before what nobody does: turn by turn between people, of each in the order in which it came. */
export class FairQueue implements TaskQueue {
  /** Whoever had a turn goes to the end. */
  private readonly people = new Map<string, Task[]>()
  private readonly idle: Task[] = []

  get size(): number {
    let size = this.idle.length
    for (const tasks of this.people.values()) size += tasks.length
    return size
  }

  push(task: Task): void {
    queuedAs(task).waits = true
    this.laneOf(task).push(task)
  }

  /** A task that no thread could take after all: its person’s turn is not over. */
  unshift(task: Task): void {
    queuedAs(task).waits = true
    this.laneOf(task).unshift(task)
    const own = this.people.get(nameOf(task))
    if (!own || queuedAs(task).whenIdle) return
    const others = [...this.people].filter(([, tasks]) => tasks !== own)
    this.people.clear()
    for (const [person, tasks] of [[nameOf(task), own] as const, ...others]) this.people.set(person, tasks)
  }

  shift(): Task | null {
    const task = this.next() ?? this.idle.shift() ?? null
    if (task) queuedAs(task).waits = false
    return task
  }

  remove(task: Task): void {
    const lane = this.laneOf(task)
    const at = lane.indexOf(task)
    if (at >= 0) lane.splice(at, 1)
    this.dropEmpty(nameOf(task))
  }

  private next(): Task | undefined {
    const [first] = this.people
    if (!first) return undefined
    const [person, tasks] = first
    const task = tasks.shift()
    this.people.delete(person)
    if (tasks.length) this.people.set(person, tasks)
    return task
  }

  private laneOf(task: Task): Task[] {
    if (queuedAs(task).whenIdle) return this.idle
    const name = nameOf(task)
    const own = this.people.get(name) ?? []
    this.people.set(name, own)
    return own
  }

  private dropEmpty(name: string): void {
    if (this.people.get(name)?.length === 0) this.people.delete(name)
  }
}

const queuedAs = (task: Task): Queued => (task[queueOptionsSymbol] ?? { whenIdle: false }) as Queued
const nameOf = (task: Task): string => queuedAs(task).person ?? ''
