/** One value that two versions of a document do not share. */
export interface Differing {
  path: string
  mine: string
  theirs: string
}

/** Every leaf in which two documents differ. */
export function differing(mine: unknown, theirs: unknown, path = ''): Differing[] {
  if (Object.is(mine, theirs)) return []
  if (!isBranch(mine) || !isBranch(theirs)) return [{ path, mine: shown(mine), theirs: shown(theirs) }]
  const keys = [...new Set([...Object.keys(mine), ...Object.keys(theirs)])]
  return keys.flatMap((key) => differing(mine[key], theirs[key], `${path} ${placeName(key, mine, theirs)}`.trim()))
}

/** One of a list goes by its name (`people Noor height`), or by its place counted from 1. */
function placeName(key: string, mine: Record<string, unknown>, theirs: Record<string, unknown>): string {
  if (!Array.isArray(mine) && !Array.isArray(theirs)) return key
  const one = mine[key] ?? theirs[key]
  return isBranch(one) && typeof one.name === 'string' ? one.name : String(Number(key) + 1)
}

const isBranch = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null

function shown(value: unknown): string {
  if (value === undefined) return 'nothing'
  const text = isBranch(value) ? String(value.name ?? JSON.stringify(value)) : String(value)
  return text.length > 60 ? `${text.slice(0, 57)}...` : text
}
