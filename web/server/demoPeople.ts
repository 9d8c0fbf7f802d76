import type { Role } from './db/people/accounts'

/** The people of the made-up dealership. Entered by one click in demo mode; they have no password anyone knows. */
export const DEMO_PEOPLE: readonly { name: string; email: string; role: Role }[] = [
  { name: 'Maren Tillquist', email: 'maren@pinewater-trailers.example', role: 'consultant' },
  { name: 'Juna Falk', email: 'juna@pinewater-trailers.example', role: 'lot hand' },
  { name: 'Osei Brandt', email: 'osei@pinewater-trailers.example', role: 'manager' },
]
