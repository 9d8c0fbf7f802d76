import { join } from 'node:path'
import { Piscina } from 'piscina'
import type { Plan } from '@hitchet/core/plan/plan'
import type { StripLook, StripTheme } from '../../contracts/stripLooks'
import { AsyncCache } from '../asyncCache'
import { processSingleton } from '../processSingleton'
import { JOBS_FOLDER } from './pool'

const mine = processSingleton('thread for pictures', (): { pool?: Piscina } => ({}))

/** Strips that were asked for lately; about 12 kB each. Whoever shows them keeps them too. */
const lately = processSingleton('strips', () => new AsyncCache<string>(3_000))

/** A unit's strip, drawn in a thread of its own. `of`: what the drawing is known by. */
export const drawnStrip = (of: string, plan: Plan, look: StripLook, theme: StripTheme): Promise<string> =>
  lately.of(`${of} ${look} ${theme}`, () => openPicturePool().run({ plan, look, theme }, { name: 'strip' }))

function openPicturePool(): Piscina {
  mine.pool ??= new Piscina({
    filename: join(JOBS_FOLDER(), 'pictures.mjs'),
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: 60_000,
  })
  return mine.pool
}

/** One that is drawn already, or is being drawn. */
export const knownStrip = (of: string, look: StripLook, theme: StripTheme): Promise<string | undefined> | undefined =>
  lately.known(`${of} ${look} ${theme}`)

export async function closePicturePool(): Promise<void> {
  await mine.pool?.destroy()
  mine.pool = undefined
  lately.clear()
}
