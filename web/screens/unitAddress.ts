/** A unit's own page: seen through a household while one is open, and by itself otherwise. Its tape lies below it. */
export const unitAddress = (stock: string, household?: string): string =>
  household === undefined ? `/yard/${stock}` : `/households/${household}/units/${stock}`

/** The same page once the household is closed: the unit or the yard as they are; the desk where a page is the household’s own. */
export function closedAddress(path: string): string {
  const unit = /^\/households\/[^/]+\/units\/([^/]+)(\/(?:walk|tape))?/.exec(path)
  if (unit) return `/yard/${unit[1]}${unit[2] ?? ''}`
  return /^\/households\/[^/]+\/yard/.test(path) ? '/yard' : '/'
}

/** What stays on the device once a unit was opened on it: the unit, its walk and tape; whom it was opened for, and its hand-over. */
export const keptWith = (stock: string, household?: string): string[] => {
  const unit = unitAddress(stock, household)
  return [
    unit,
    `${unit}/walk`,
    `${unit}/tape`,
    ...(household === undefined ? [] : [`${unit}/hand-over`, `/households/${household}`]),
  ]
}
