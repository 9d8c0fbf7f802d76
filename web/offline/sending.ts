import type { WalkEvent } from '@hitchet/core/walk/event'
import type { Outcome } from '../screens/request'
import { AT_ONCE, type TakenEvents } from '../contracts/walkEvents'
import type { Queue, Waiting } from './queue'

export type Send = (events: WalkEvent[]) => Promise<Outcome<TakenEvents>>

/** `sent`: nothing of theirs waits any more. `later`: no connection, or the server is not well. `stranger`: sign in first. */
export type Sent = 'sent' | 'later' | 'stranger'

/**
 * Sends what waits on this device of one account, in the order in which it was noted. Whatever happens on the way, what is not
 * answered waits on; sent twice it counts once, by its id. One event that is not of the right form is told, one at which the
 * server stumbles waits for a better day, and neither holds up the others.
 */
export async function sendWaiting(queue: Queue, account: string, send: Send): Promise<Sent> {
  const stumbled = new Set<number>()
  for (;;) {
    const theirs = (await queue.waiting()).filter((one) => one.account === account && !stumbled.has(one.n))
    if (theirs.length === 0) return stumbled.size ? 'later' : 'sent'
    const went = await sendSome(queue, theirs.slice(0, AT_ONCE), send, stumbled)
    if (went !== 'sent') return went
  }
}

async function sendSome(queue: Queue, some: readonly Waiting[], send: Send, stumbled: Set<number>): Promise<Sent> {
  const outcome = await send(some.map(({ event }) => event))
  if (outcome.ok) {
    await queue.settle(some, outcome.value.outcomes)
    return 'sent'
  }
  if (outcome.kind === 'stranger') return 'stranger'
  if (outcome.kind !== 'refused' && outcome.kind !== 'failed') return 'later'
  // Of several together nobody knows which is not right.
  if (some.length > 1) {
    for (const one of some) {
      const went = await sendSome(queue, [one], send, stumbled)
      if (went !== 'sent') return went
    }
    return 'sent'
  }
  if (outcome.kind === 'failed') stumbled.add(some[0]!.n)
  if (outcome.kind === 'refused') {
    const says = [outcome.says, ...outcome.flaws].join(' ')
    await queue.settle(some, [{ id: some[0]!.event.id, taken: false, says }])
  }
  return 'sent'
}
