import type { Account, Role } from '../db/people/accounts'
import { Refused } from '../refused'

/** What somebody may do here. Every page and every handler names what it asks for. */
export type Right = keyof typeof MAY

/** Who may what. */
const MAY = {
  /** One's own password and second factor, and the way out: all that is open to who still has to set something up. */
  'look after oneself': ['lot hand', 'consultant', 'manager'],
  /** To be signed in, whoever one is. */
  'be here': ['lot hand', 'consultant', 'manager'],
  /** The lot: units as they are, their drawings and readings, walks, new units. Nothing of any family. */
  'work on the lot': ['lot hand', 'consultant', 'manager'],
  /** Many units and households at once, over those that are there. */
  'bring in files': ['consultant', 'manager'],
  /** Families: who they are, what they are told, what they took home, how they are reached. Colleagues stand in for each other. */
  'see families': ['consultant', 'manager'],
  /** A family taken out for good that somebody else brought. */
  'take out others’ families': ['manager'],
  /** People of the house, their sessions, what runs. */
  'run the office': ['manager'],
} as const satisfies Record<string, readonly Role[]>

export const may = (role: Role, right: Right): boolean => (MAY[right] as readonly Role[]).includes(role)

export const refusedTo = (role: Role): Refused => new Refused(`This is not for a ${role}; ask your manager.`, [], 403)

/** Where a family may be spoken of, and need not be. @throws Refused. */
export function mustSeeFamilies({ role }: Account): void {
  if (!may(role, 'see families')) throw refusedTo(role)
}
