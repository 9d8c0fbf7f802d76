/** Something wrong in a document: where, what stands there, and what would be right. */
export interface Flaw {
  /** As in the file: `plan.berths[1].readings.mattressLength[0].value`. Empty for the document as a whole. */
  path: string
  /** What was found there, as text; absent when nothing stands there. */
  found?: string
  /** What would be right. */
  expected: string
  /** A warning does not keep a document out. */
  severity: 'error' | 'warning'
}

export const error = (path: string, found: unknown, expected: string): Flaw => ({
  path,
  ...shown(found),
  expected,
  severity: 'error',
})
export const warning = (path: string, found: unknown, expected: string): Flaw => ({
  path,
  ...shown(found),
  expected,
  severity: 'warning',
})

/** One line for a person: `plan.box.length: found -3; right would be a number above 0`. */
export function flawText({ path, found, expected }: Flaw): string {
  const place = path || 'the document'
  return found === undefined
    ? `${place}: missing; right would be ${expected}`
    : `${place}: found ${found}; right would be ${expected}`
}

function shown(found: unknown): { found?: string } {
  if (found === undefined) return {}
  const text = typeof found === 'string' ? `"${found}"` : written(found)
  return { found: text.length > 80 ? `${text.slice(0, 77)}...` : text }
}

/** As it stands in the file; what is nested deeper than anybody reads is only called so. */
function written(found: unknown): string {
  try {
    return JSON.stringify(found)
  } catch (failure) {
    if (failure instanceof RangeError) return 'lists within lists within lists'
    throw failure
  }
}
