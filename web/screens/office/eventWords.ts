import type { HouseEvent } from '../../server/db/people/houseEvents'

/** What happened at the door, as a sentence. */
export function eventWords({ kind, about, by, detail }: HouseEvent): string {
  const who = about ?? 'an unknown email'
  const at = detail ? ` (${detail})` : ''
  switch (kind) {
    case 'signed in':
      return `${who} signed in${at}`
    case 'signed out':
      return `${who} signed out`
    case 'wrong password':
      return `a wrong password for ${who}`
    case 'wrong code':
      return `a wrong code for ${who}`
    case 'too many tries':
      return `too many tries for ${who}; no more are taken for a while`
    case 'not allowed':
      return `${who} asked for what is not theirs${at}`
    case 'sent out':
      return `${by} signed ${who} out everywhere`
    case 'invited':
      return `${by} invited ${who}${at}`
    case 'link for a new password':
      return `${by} sent ${who} a link for a new password`
    case 'new password':
      return `${who} has a new password${at}`
    case 'role changed':
      return `${by} changed the role of ${who}: ${detail}`
    case 'removed':
      return `${by} removed ${who}${at}`
    case 'second factor on':
      return `${who} turned the code from their phone on`
    case 'second factor off':
      return by ? `${by} turned the code of ${who} off` : `${who} turned the code from their phone off`
    case 'second factor asked of':
      return `${by} has a code from their phone asked of ${detail}`
  }
}
