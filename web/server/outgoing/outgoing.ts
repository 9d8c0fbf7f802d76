/** What a message is about: a household and a page handed out to it, or somebody of the house and a link for a password. */
type About = { householdId: string; page: string } | { oneTimeLink: string }

/** A message that leaves the house. */
export type Message = {
  id: string
  channel: 'email' | 'text'
  /** Address or number. */
  recipient: string
  subject: string
  /** With `{link}` where the address of the page stands: only who sends it makes that. */
  words: string
  madeBy: string
} & About

/** What carries messages out of the house: the one place where a real service would be plugged in. */
export interface Outgoing {
  /** What became of it, for whoever pressed the button. Sent twice under one id it goes once. */
  send(message: Message): Promise<{ says: string }>
}
