/** The one of a list that is named so. @throws when none is: a plan whose names lead nowhere is refused where it comes in. */
export function withId<Thing extends { id: string }>(list: readonly Thing[], id: string | undefined): Thing {
  const found = list.find((one) => one.id === id)
  if (!found) throw new Error(`Nothing here is called ${id ?? 'nothing'}.`)
  return found
}
