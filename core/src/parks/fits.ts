import { listed, says, type Phrase } from '../quantity/phrase'
import { feet } from '../quantity/phrase'
import { inches } from '../quantity/quantity'
import type { Plan } from '../plan/plan'
import { figure } from '../readings/reading'
import { outsideLooked, toNote } from '../trailer/drawn'
import { trailerFigure, type Trailer } from '../trailer/trailer'
import { word } from '../readings/reading'
import { siteName, type Site } from './site'

/** A unit as a site has to take it, inches; absent: not read. */
export interface Standing {
  length?: number
  /** With slides and awning out. */
  openWidth: number
  height?: number
  cord?: number
  shore?: 30 | 50
  /** An awning of which nobody read how far it comes out. */
  unread: string[]
}

/** How far an awning comes out while nobody read it (common practice: 8 to 10 ft). */
const AWNING = 120
/** A fresh-water hose as most carry it. */
const HOSE = 300

/** What it takes up when it stands open: its box, slides on both sides, and the awning on the door side. */
export function standingOf(trailer: Trailer): Standing {
  const { plan } = trailer
  const awnings = plan.outside.filter(({ kind, wall }) => kind === 'awning' && wall === 'door')
  const looked = outsideLooked(trailer)
  const projections = looked ? awnings.map(({ readings }) => figure(readings, 'projection') ?? AWNING) : [AWNING]
  const shore = word(trailer.readings, 'shorePower')
  return {
    length: trailerFigure(trailer, 'overallLength'),
    openWidth:
      Math.max(plan.box.width, trailerFigure(trailer, 'overallWidth') ?? 0) +
      out(plan, 'off-door') +
      Math.max(out(plan, 'door'), 0, ...projections),
    height: trailerFigure(trailer, 'overallHeight'),
    cord: trailerFigure(trailer, 'powerCord'),
    ...(shore && { shore: shore === '50 A' ? (50 as const) : (30 as const) }),
    unread: !looked
      ? [toNote('outside')]
      : awnings
          .filter(({ readings }) => figure(readings, 'projection') === undefined)
          .map(({ id }) => `plan.outside.${id}.projection`),
  }
}

const out = ({ slides }: Plan, side: 'door' | 'off-door'): number =>
  Math.max(0, ...slides.filter(({ wall }) => wall === side).map(({ depth }) => depth))

/** What one site says to it: nothing against it, what is against it, or what is to be read first. */
export interface SiteAnswer {
  site: Site
  name: string
  against: Phrase[]
  /** Readings that nobody took and that decide. */
  unread: string[]
  /** What they have to bring: an adapter, another cord, a longer hose. */
  bring: Phrase[]
}

/** Length, width and height decide; what a post gives is a matter of cords and adapters. Inches. */
export function atSite({ length, openWidth, height, cord, shore, unread }: Standing, site: Site): SiteAnswer {
  const against: Phrase[] = []
  const open: string[] = []
  if (length === undefined) open.push('readings.overallLength')
  else if (length > site.length) against.push(says`${inches(length - site.length)} too long`)
  if (site.width !== undefined && openWidth > site.width) {
    if (unread.length) open.push(...unread)
    else against.push(says`${inches(openWidth - site.width)} too wide with slides and awning out`)
  }
  if (site.height !== undefined) {
    if (height === undefined) open.push('readings.overallHeight')
    else if (height > site.height) against.push(says`${inches(height - site.height)} too high for the way in`)
  }
  const bring: Phrase[] = []
  if (site.amps && shore && site.amps !== shore)
    bring.push(
      says`an adapter from ${String(shore)} A to ${String(site.amps)} A, and no more than ${String(Math.min(shore, site.amps))} A`,
    )
  if (site.cord !== undefined && cord !== undefined && site.cord > cord)
    bring.push(says`a longer cord, ${feet(site.cord)} to the post`)
  if (site.hose !== undefined && site.hose > HOSE) bring.push(says`a hose of ${feet(site.hose)}`)
  return { site, name: siteName(site), against, unread: against.length ? [] : open, bring }
}

/** `fits 9 of 14 sites round here; too long for Ashmere’s loop B`. */
export function summaryOf(answers: readonly SiteAnswer[]): Phrase {
  const fit = answers.filter(({ against, unread }) => against.length === 0 && unread.length === 0)
  const open = answers.filter(({ unread }) => unread.length > 0)
  const not = answers.filter(({ against }) => against.length > 0)
  const nearest = [...not].sort((a, b) => b.site.length - a.site.length).slice(0, 2)
  const first = says`It fits ${fit.length} of ${answers.length} sites round here`
  const least = open.length
    ? says`, and ${open.length === answers.length ? 'all' : open.length} of them are to be measured for first`
    : []
  return nearest.length
    ? says`${first}${least}; not ${listed(
        nearest.map(({ name }) => name),
        'or',
      )}.`
    : says`${first}${least}.`
}
