import { renderToStaticMarkup } from 'react-dom/server'
import type { Plan } from '@hitchet/core/plan/plan'
import { stripPicture } from './stripPicture'
import type { StripLook, StripTheme } from '../contracts/stripLooks'

/** Draws strips in a thread of its own. Bundled to .jobs/pictures.mjs. */
export const strip = ({ plan, look, theme }: { plan: Plan; look: StripLook; theme: StripTheme }): string =>
  stripPicture(plan, look, theme, renderToStaticMarkup)
