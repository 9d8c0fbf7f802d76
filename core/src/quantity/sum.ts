/** The sum of figures of which none may be missing: undefined as soon as one was not read, 0 of none at all. */
export function knownSum(parts: readonly (number | undefined)[]): number | undefined {
  let sum = 0
  for (const part of parts) {
    if (part === undefined) return undefined
    sum += part
  }
  return sum
}

/** Each times its count; undefined while either was not read. */
export const knownProduct = (each: number | undefined, count: number | undefined): number | undefined =>
  each === undefined || count === undefined ? undefined : each * count
