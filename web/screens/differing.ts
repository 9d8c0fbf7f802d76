import { placeWords } from '@hitchet/core/formats/placeWords'

/** One value that two versions of a document do not share. */
export interface Differing {
  path: string
  mine: string
  theirs: string
}

/** Every leaf in which two documents differ, each by the name of its thing. */
export function differing(mine: unknown, theirs: unknown): Differing[] {
  return leaves(mine, theirs, '').map(({ path, ...both }) => {
    // What only one of them has is named after that one.
    const words = placeWords(path, both.theirs === NOTHING ? mine : theirs)
    return { path: words, ...both }
  })
}

function leaves(mine: unknown, theirs: unknown, path: string): Differing[] {
  if (Object.is(mine, theirs)) return []
  if (!isBranch(mine) || !isBranch(theirs)) return [{ path, mine: shown(mine), theirs: shown(theirs) }]
  const keys = [...new Set([...Object.keys(mine), ...Object.keys(theirs)])]
  const isList = Array.isArray(mine) || Array.isArray(theirs)
  return keys.flatMap((key) =>
    leaves(mine[key], theirs[key], isList ? `${path}[${key}]` : path ? `${path}.${key}` : key),
  )
}

const NOTHING = 'nothing'

const isBranch = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null

function shown(value: unknown): string {
  if (value === undefined) return NOTHING
  const text = isBranch(value) ? String(value.name ?? 'something') : String(value)
  return text.length > 60 ? `${text.slice(0, 57)}...` : text
}
