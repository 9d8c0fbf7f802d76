import { readdirSync, readFileSync } from 'node:fs'
import { parseTrailer } from '../../core/src/formats/document'
import { factSheet, ROOMS } from '../../core/src/match/factSheet'
import { DEFAULT_HOUSE_RULES } from '../../core/src/rules/houseRules'
import { shapeOf, type DataShape } from '../../core/src/testing/shapeOf'

export interface FactShape {
  version: number
  shape: DataShape
}

export const SHAPES_FILE = new URL('./factShapes.json', import.meta.url)
const yard = new URL('../../demo/yard/', import.meta.url)

/** The shape that the facts of each question, and of what they rest on, have today over all of the demo's units. */
export function factShapes(): Record<string, FactShape> {
  const sheets = readdirSync(yard).map((name) => {
    const trailer = parseTrailer(readFileSync(new URL(name, yard), 'utf8')).document!
    return JSON.parse(JSON.stringify(factSheet(trailer, DEFAULT_HOUSE_RULES))) as Record<string, unknown>
  })
  return Object.fromEntries(
    ROOMS.map(({ id, version }) => [id, { version, shape: shapeOf(sheets.map((sheet) => sheet[id])) }]),
  )
}

/** The shapes as they were written down. */
export const writtenShapes = (): Record<string, FactShape> =>
  JSON.parse(readFileSync(SHAPES_FILE, 'utf8')) as Record<string, FactShape>

/**
 * Rooms whose facts have another shape than was written down under the same version: databases would go on
 * using the old ones.
 */
export function movedWithoutVersion(now: Record<string, FactShape>, written: Record<string, FactShape>): string[] {
  return Object.keys(now).filter(
    (id) => now[id]!.version === written[id]?.version && JSON.stringify(now[id]) !== JSON.stringify(written[id]),
  )
}
