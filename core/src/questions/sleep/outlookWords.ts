import type { Outlook } from './yearsAhead'

/** How long it fits, in a sentence without its stop. */
export function outlookWords({ years, until }: Pick<Outlook, 'years' | 'until'>): string {
  const tighter = years.find(({ year, verdict }) => year > 0 && verdict === 'tight')
  if (until === undefined)
    return `It fits for ten years and more${tighter ? `, if more tightly ${inYears(tighter.year).toLowerCase()}` : ''}`
  if (until.year === 0) return 'It does not fit today'
  return `It fits until ${until.year === 1 ? 'next year' : `${until.year} years from now`}`
}

export const inYears = (year: number): string => (year === 0 ? 'Now' : year === 1 ? 'In a year' : `In ${year} years`)
