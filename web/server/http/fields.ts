import { string } from 'yup'

/** An id as whoever asks makes it, so that a second try is the same thing (any version of RFC 9562). */
export const uuidField = () => string().matches(/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/, 'a UUID')

/** A day: `2026-12-01`. */
export const dayField = () =>
  string()
    .matches(/^\d{4}-\d{2}-\d{2}$/, 'a day like 2026-12-01')
    .test('day', 'a day that there is', (text) => {
      if (text === undefined) return true
      const day = new Date(`${text}T12:00:00Z`)
      return !Number.isNaN(day.valueOf()) && day.toISOString().startsWith(text)
    })
