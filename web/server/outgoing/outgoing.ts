/** A message to a household. */
export interface Message {
  id: string
  householdId: string
  channel: 'email' | 'text'
  /** Address or number. */
  recipient: string
  subject: string
  /** With `{link}` where the address of the page stands: only who sends it makes that. */
  words: string
  /** The page handed out that it is about. */
  page: string
  madeBy: string
}

/** What carries messages out of the house: the one place where a real service would be plugged in. */
export interface Outgoing {
  /** What became of it, for whoever pressed the button. Sent twice under one id it goes once. */
  send(message: Message): Promise<{ says: string }>
}
