'use client'

import { Button } from '@chakra-ui/react'
import { Ban, Heart, Star } from 'lucide-react'
import { useState } from 'react'
import { useFieldArray, useFormContext } from 'react-hook-form'
import {
  WISHABLE,
  WISH_PLACES,
  type FeatureWish,
  type Wishable,
  type WishPlace,
} from '@hitchet/core/household/featureWishes'
import type { HouseholdDraft } from '@hitchet/core/household/draft'

const keyOf = ({ feature, is = '' }: { feature: string; is?: string }): string => `${feature}=${is}`
const BY_KEY = new Map<string, Wishable>(WISHABLE.map((one) => [keyOf(one), one]))

type WishStance = FeatureWish['stance']
const WORDS: Record<WishStance, string> = { must: 'must', want: 'want', avoid: 'rather not' }
const ICONS = { must: Star, want: Heart, avoid: Ban }
/** What a tap makes of it; after the last it is taken off. */
const NEXT: Partial<Record<WishStance, WishStance>> = { want: 'must', must: 'avoid' }

/** So many of what was found are offered; more words find fewer. */
const MOST = 24

/**
 * Whatever else they speak of, out of all that can be read on a unit: found by typing and by where it is, it lies on the shelf
 * beside the others. A tap makes of it a must, the next what they would rather not have, the next takes it off.
 */
export function useMoreWishes() {
  const { control } = useFormContext<HouseholdDraft>()
  const { fields, append, remove, update } = useFieldArray({ control, name: 'wishes' })
  const held = new Set(fields.map(keyOf))
  const onShelf = fields.map(({ id, ...wish }, i) => {
    const label = BY_KEY.get(keyOf(wish))?.label ?? wish.feature
    const Icon = ICONS[wish.stance]
    const next = NEXT[wish.stance]
    return (
      <Button
        key={id}
        type="button"
        size="sm"
        fontWeight="600"
        variant="solid"
        aria-label={`${label}: ${WORDS[wish.stance]}`}
        onClick={() => (next ? update(i, { ...wish, stance: next }) : remove(i))}
      >
        <Icon size={15} aria-hidden />
        {label}: {WORDS[wish.stance]}
      </Button>
    )
  })
  const choose = (
    <FindWish
      held={held}
      onFound={({ feature, is }) => append({ feature, is: is ?? '', stance: 'want' }, { shouldFocus: false })}
    />
  )
  return { onShelf, choose }
}

function FindWish({ held, onFound }: { held: ReadonlySet<string>; onFound: (wish: Wishable) => void }) {
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
