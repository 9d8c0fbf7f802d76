import { queueOptionsSymbol, type TaskQueue } from 'piscina'

type Task = Parameters<TaskQueue['push']>[0]

/** What somebody waits for goes before what is done when nobody does; each in the order in which it came. */
export class UrgentFirst implements TaskQueue {
  private readonly urgent: Task[] = []
  private readonly idle: Task[] = []

  get size(): number {
    return this.urgent.length + this.idle.length
  }

  push(task: Task): void {
    this.lane(task).push(task)
  }

  unshift(task: Task): void {
    this.lane(task).unshift(task)
  }

  shift(): Task | null {
    return this.urgent.shift() ?? this.idle.shift() ?? null
  }

  remove(task: Task): void {
    const lane = this.lane(task)
    const at = lane.indexOf(task)
    if (at >= 0) lane.splice(at, 1)
  }

  private lane(task: Task): Task[] {
    const asked = task[queueOptionsSymbol] as { whenIdle?: boolean } | null
    return asked?.whenIdle ? this.idle : this.urgent
  }
}
