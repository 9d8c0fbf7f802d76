import { join } from 'node:path'
import { LRUCache } from 'lru-cache'
import { Piscina } from 'piscina'
import type { Plan } from '@hitchet/core/plan/plan'
import type { StripLook, StripTheme } from '../../wire/stripLooks'
import { ofProcess } from '../ofProcess'
import { JOBS_FOLDER } from './pool'

const mine = ofProcess('thread for pictures', (): { pool?: Piscina } => ({}))

/** Strips that were asked for lately; about 12 kB each. Whoever shows them keeps them too. */
const lately = ofProcess('strips', () => new LRUCache<string, Promise<string>>({ max: 3_000 }))

/** A unit's strip, drawn in a thread of its own. `of`: what the drawing is known by. */
export function drawnStrip(of: string, plan: Plan, look: StripLook, theme: StripTheme): Promise<string> {
  const key = `${of} ${look} ${theme}`
  const known = lately.get(key)
  if (known) return known
  mine.pool ??= new Piscina({
    filename: join(JOBS_FOLDER(), 'pictures.mjs'),
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: 60_000,
  })
  const drawing = mine.pool.run({ plan, look, theme }, { name: 'strip' }) as Promise<string>
  lately.set(key, drawing)
  drawing.catch(() => lately.delete(key))
  return drawing
}

/** One that is drawn already, or is being drawn. */
export const knownStrip = (of: string, look: StripLook, theme: StripTheme): Promise<string> | undefined =>
  lately.get(`${of} ${look} ${theme}`)

export async function closePicturePool(): Promise<void> {
  await mine.pool?.destroy()
  mine.pool = undefined
  lately.clear()
}
