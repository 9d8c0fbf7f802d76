import { describe, expect, it } from 'vitest'
import { keyOf, keysOnPage, saidToday } from './page'

describe('docs/sentences.md', () => {
  it('holds every kind of sentence that is said, and none that is not said any more', () => {
    const today = new Set(saidToday().map((kind) => `${kind.where}|${keyOf(kind)}`))
    const written = keysOnPage()
    const [unread, gone] = [
      [...today].filter((key) => !written.has(key)),
      [...written].filter((key) => !today.has(key)),
    ]
    expect({ unread, gone }, 'run `npm run sentences`, and read what it wrote').toEqual({ unread: [], gone: [] })
  })
})
