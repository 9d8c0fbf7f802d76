'use client'

import { useState } from 'react'
import { WISHABLE, WISH_PLACES, type Wishable, type WishPlace } from '@hitchet/core/household/wishes/featureWishes'
import { keyOf } from './wishKey'

/** So many of what was found are offered; more words find fewer. */
const MOST = 24

/** Any of what can be wished for: by its words, and by where on a unit it is. */
export function FindWish({ held, onFound }: { held: ReadonlySet<string>; onFound: (wish: Wishable) => void }) {
  const [text, setText] = useState('')
  const [place, setPlace] = useState<WishPlace | ''>('')
  const words = text.toLowerCase().split(/\s+/).filter(Boolean)
  const found =
    words.length || place
      ? WISHABLE.filter(
          (one) =>
            (place === '' || one.place === place) &&
            !held.has(keyOf(one)) &&
            words.every((word) => one.label.toLowerCase().includes(word)),
        )
      : []
  return (
    <div role="search" aria-label="More wishes">
      <div style={{ display: 'flex', flexWrap: 'wrap', gap: 8, marginTop: 6 }}>
        <input
          className="field-box"
          style={{ width: 340, maxWidth: '100%' }}
          aria-label="Another wish"
          autoFocus
          placeholder="power jack, flush, dry bath, speakers …"
          value={text}
          onChange={(event) => setText(event.target.value)}
          onKeyDown={(event) => {
            if (event.key !== 'Enter') return
            // The form is not sent by whoever looks for a wish.
            event.preventDefault()
            if (found[0]) onFound(found[0])
          }}
        />
        <select
          className="field-box"
          style={{ width: 200 }}
          aria-label="Where it is"
          value={place}
          onChange={(event) => setPlace(event.target.value as WishPlace | '')}
        >
          <option value="">Anywhere on it</option>
          {Object.entries(WISH_PLACES).map(([key, name]) => (
            <option key={key} value={key}>
              {name}
            </option>
          ))}
        </select>
      </div>
      {(words.length > 0 || place) && (
        <div style={{ display: 'flex', flexWrap: 'wrap', gap: 6, marginTop: 6 }} role="group" aria-label="Found wishes">
          {found.slice(0, MOST).map((one) => (
            <button key={keyOf(one)} type="button" className="chip" onClick={() => onFound(one)}>
              {one.label}
            </button>
          ))}
          {found.length > MOST && <span className="quiet">and {found.length - MOST} more: type another word</span>}
          {found.length === 0 && <span>Nothing on our list is called that. Write it into the notes.</span>}
        </div>
      )}
    </div>
  )
}
