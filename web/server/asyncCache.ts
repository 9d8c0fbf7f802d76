import { LRUCache } from 'lru-cache'

/**
 * What is made once for all who ask for it at the same time, and remembered as long as it is among the last that were asked for.
 * What failed, or came to nothing, is made anew. Remembered is what was made, never its promise: a promise holds on to the request
 * that began it, with the whole answer to that.
 */
export class AsyncCache<Made extends NonNullable<unknown>> {
  private readonly made: LRUCache<string, Made>
  private readonly making = new Map<string, Promise<Made | undefined>>()

  constructor(most: number) {
    this.made = new LRUCache({ max: most })
  }

  of<Result extends Made | undefined>(name: string, make: () => Promise<Result>): Promise<Result> {
    return (this.known(name) as Promise<Result> | undefined) ?? this.begun(name, make())
  }

  /** What is made already, or is being made. */
  known(name: string): Promise<Made | undefined> | undefined {
    const made = this.made.get(name)
    return made === undefined ? this.making.get(name) : Promise.resolve(made)
  }

  /** Of several that are made together, one: who asks for it meanwhile waits for it. */
  begun<Result extends Made | undefined>(name: string, making: Promise<Result>): Promise<Result> {
    this.making.set(name, making)
    const over = (made?: Made) => {
      if (this.making.get(name) !== making) return
      this.making.delete(name)
      if (made !== undefined) this.made.set(name, made)
    }
    making.then(over, () => over())
    return making
  }

  clear(): void {
    this.made.clear()
    this.making.clear()
  }
}
