/** What somebody of the house is. */
export const ROLES = ['lot hand', 'consultant', 'manager'] as const
export type Role = (typeof ROLES)[number]
