/** A unit's own page: seen through a household while one is open, and by itself otherwise. Its tape lies below it. */
export const unitAddress = (stock: string, household?: string): string =>
  household === undefined ? `/yard/${stock}` : `/households/${household}/units/${stock}`
