import '../flaws/wording'
import { string } from 'yup'
import { objectOf } from '../flaws/objectOf'

export const REACHED_BY = ['email', 'text', 'phone'] as const

/** How a household is reached. Kept apart from all that is reckoned with: no ranking and no file carries it. */
export interface Contact {
  /** Who is asked for. */
  name?: string
  email?: string
  phone?: string
  /** How they want to be reached. */
  by?: (typeof REACHED_BY)[number]
}

export const contactSchema = objectOf<Contact>()({
  name: string().max(80, 'at most 80 letters'),
  email: string()
    .max(190, 'at most 190 letters')
    .matches(/^[^\s@]+@[^\s@.]+(\.[^\s@.]+)+$/, 'an address like ro@example.com'),
  phone: string().matches(/^\+?[0-9 ().-]{7,24}$/, 'a number like 555 010 4477'),
  by: string().oneOf(REACHED_BY),
})
