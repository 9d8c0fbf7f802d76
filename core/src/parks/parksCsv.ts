import Papa from 'papaparse'
import { error, type Flaw } from '../flaws/flaw'
import { NotAFigure, parseLength } from '../quantity/parse'
import type { Site } from './site'

const COLUMNS = ['park', 'loop', 'length', 'width', 'height', 'amps', 'cord', 'hose'] as const
const AMPS = ['15', '30', '50']
const MOST = 2_000
const LENGTHS = ['length', 'width', 'height', 'cord', 'hose'] as const

/**
 * A dealership’s own sites: one row each, lengths as people write them (`45 ft`, `13'6`). All rows or none: a flaw names the
 * row, the column, what stands there and what would be right.
 */
export function parseParks(text: string): { sites: Site[]; flaws: Flaw[] } {
  const { data, meta } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (name) => name.trim().toLowerCase(),
  })
  const unknown = (meta.fields ?? []).filter((name) => !COLUMNS.includes(name as (typeof COLUMNS)[number]))
  const lacking = ['park', 'loop', 'length'].filter((name) => !meta.fields?.includes(name))
  if (unknown.length || lacking.length || data.length === 0)
    return {
      sites: [],
      flaws: [
        error(
          'row 1',
          (meta.fields ?? []).join(','),
          `a first row with park, loop, length and any of ${COLUMNS.slice(3).join(', ')}`,
        ),
      ],
    }
  if (data.length > MOST) return { sites: [], flaws: [error('', `${data.length} rows`, `at most ${MOST} rows`)] }
  const flaws: Flaw[] = []
  const sites = data.map((row, i) => siteOf(row, `row ${i + 2}`, flaws))
  return flaws.length ? { sites: [], flaws } : { sites, flaws: [] }
}

function siteOf(row: Record<string, string>, at: string, flaws: Flaw[]): Site {
  const text = (key: string): string => (row[key] ?? '').trim()
  const site: Record<string, unknown> = {
    park: text('park').slice(0, 80),
    loop: text('loop').slice(0, 80) || 'All sites',
  }
  if (!text('park')) flaws.push(error(`${at}, park`, undefined, 'the name of the park'))
  for (const key of LENGTHS) {
    if (!text(key)) {
      if (key === 'length') flaws.push(error(`${at}, length`, undefined, 'the length of the pad, such as 45 ft'))
      continue
    }
    const value = lengthOf(text(key))
    if (value === undefined || value < 36 || value > 2_400)
      flaws.push(error(`${at}, ${key}`, text(key), "a length from 3 to 200 ft, such as 45 ft or 13'6"))
    else site[key] = value
  }
  const amps = text('amps').replace(/\s*A$/i, '')
  if (amps && !AMPS.includes(amps)) flaws.push(error(`${at}, amps`, text('amps'), 'one of 15, 30, 50'))
  else if (amps) site.amps = Number(amps)
  return site as unknown as Site
}

function lengthOf(text: string): number | undefined {
  try {
    return parseLength(text)
  } catch (failure) {
    if (failure instanceof NotAFigure) return undefined
    throw failure
  }
}
