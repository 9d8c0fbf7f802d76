import { drawnPlan } from '@hitchet/core/plan/drawnPlan'
import { STRIP_LOOKS, STRIP_THEMES, type StripLook, type StripTheme } from '../../contracts/stripLooks'
import { trailersById } from '../db/trailers'
import { drawnStrip, knownStrip } from '../jobs/pictures'
import { Refused } from '../refused'

export interface Strip {
  svg: string
  /** Of the version that was asked for: it never changes. */
  forGood: boolean
}

/** A unit's strip as a picture. `look`: such as `row-evening`. @throws Refused. */
export async function stripOf(id: string, version: string, look: string): Promise<Strip> {
  const [name, theme] = look.split('-') as [StripLook, StripTheme]
  if (!Object.hasOwn(STRIP_LOOKS, name) || !STRIP_THEMES.includes(theme))
    throw new Refused(`No strip looks like “${look}”.`, [], 404)
  const known = await knownStrip(`${id} ${version}`, name, theme)
  if (known !== undefined) return { svg: known, forGood: true }
  const [found] = await trailersById([id])
  if (!found) throw new Refused('There is no such unit any more.', [], 404)
  // A page that was opened before a change asks for what it knew; it is shown what is there.
  const svg = await drawnStrip(`${id} ${found.version}`, drawnPlan(found.trailer.plan), name, theme)
  return { svg, forGood: String(found.version) === version }
}
