import { listed } from '@hitchet/core/quantity/phrase'
import { linkToken } from '../auth/linkToken'
import type { Account } from '../db/people/accounts'
import { contactOf } from '../db/contacts'
import { outbox, type KeptMessage } from '../db/outbox'
import { takeHomesOf } from '../db/takeHomes'
import { heldBack } from '../outgoing/heldBack'
import type { Outgoing } from '../outgoing/outgoing'
import { Refused } from '../refused'
import { dayOf } from '../today'
import { settings } from '../settings'
import { passwordPath } from './people/people'

/** Where in the words of a message the address of its page comes. */
const LINK = '{link}'

/** The real one, where there is one, stands here. */
const outgoing: Outgoing = heldBack

/**
 * Sends a household the link to a page of theirs; the message that is kept holds the page, not its link. @throws Refused where
 * nobody noted how they are reached that way, or the link works no more; Gone.
 */
export async function sendLink(
  { id, householdId, page, channel }: { id: string; householdId: string; page: string; channel: 'email' | 'text' },
  account: Account,
): Promise<{ says: string }> {
  const [{ contact }, pages] = await Promise.all([contactOf(householdId), takeHomesOf(householdId)])
  const handed = pages.find((one) => one.id === page)
  if (!handed) throw new Refused('No page of that number.', [], 404)
  if (handed.withdrawnAt || handed.expiresAt.valueOf() <= Date.now())
    throw new Refused('That link works no more: make the page anew and send that.')
  const recipient = channel === 'email' ? contact.email : contact.phone
  if (!recipient)
    throw new Refused(channel === 'email' ? 'Nobody noted their email address yet.' : 'Nobody noted their number yet.')
  const { dealership } = settings()
  const until = dayOf(handed.expiresAt)
  return outgoing.send({
    id,
    householdId,
    channel,
    recipient,
    subject: `${listed(handed.stocks)}: what we looked at together`,
    words: [
      `${contact.name ? `${contact.name}, here` : 'Here'} is what we looked at together: ${listed(handed.stocks)}.`,
      LINK,
      `The link works until ${until}. What has to be read before you decide stands on it.`,
      [account.name, dealership].filter(Boolean).join(', '),
    ].join('\n\n'),
    page,
    madeBy: account.id,
  })
}

/** The outbox as it reads: with the link to each page, which is made as it is looked at. */
export async function messagesHeld({ ofHouse }: { ofHouse: boolean }): Promise<KeptMessage[]> {
  const messages = await outbox({ ofHouse })
  return messages.map((one) => ({ ...one, words: one.words.replace(LINK, linkIn(one)) }))
}

function linkIn({ page, oneTimeLink }: KeptMessage): string {
  const path = oneTimeLink ? passwordPath(oneTimeLink) : page ? `/at-home/${linkToken(page)}` : undefined
  return path === undefined ? '(the link that went with it)' : `${settings().publicAddress ?? ''}${path}`
}
