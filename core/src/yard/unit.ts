import { TERMS } from '../terms/terms'
import { BERTH_KINDS } from '../readings/catalogue'
import { knownSum } from '../quantity/sum'
import { figure } from '../readings/reading'
import { undrawn } from '../trailer/drawn'
import { trailerFigure, trailerName, type Layout, type Trailer } from '../trailer/trailer'

/** What the yard's list shows and is searched by. Inches, pounds, dollars; absent: not read. */
export interface YardUnit {
  stock: string
  name: string
  year: number
  condition: 'new' | 'used'
  layout: Layout
  length?: number
  uvw?: number
  gvwr?: number
  price?: number
  sleeps?: number
  /** Counted on the drawing: absent while nobody has drawn it. */
  doors?: number
  slides?: number
  bunks?: number
  toilets?: number
  tub: boolean
  oven: boolean
  outsideKitchen: boolean
  /** Gallons, all fresh tanks. */
  fresh?: number
  /** What is known under each term of the catalogues: `1` has it, `0` has none, a blank: nobody looked. */
  known: string
  /** Of those that have a figure: which term, and the figure. */
  figures: (readonly [term: number, figure: number])[]
}

export function yardUnit(trailer: Trailer): YardUnit {
  const { plan, equipment } = trailer
  const missing = undrawn(trailer)
  const has = (...kinds: string[]) => plan.fixtures.filter(({ kind }) => kinds.includes(kind)).length
  const fresh = equipment
    .filter(({ kind }) => kind === 'fresh-tank')
    .map(({ readings }) => figure(readings, 'capacity'))
  return {
    stock: trailer.stock,
    name: trailerName(trailer),
    year: trailer.year,
    condition: trailer.condition,
    layout: trailer.layout,
    length: trailerFigure(trailer, 'overallLength'),
    uvw: trailerFigure(trailer, 'uvw'),
    gvwr: trailerFigure(trailer, 'gvwr'),
    price: trailerFigure(trailer, 'askingPrice'),
    sleeps: trailerFigure(trailer, 'advertisedSleeps'),
    ...(!missing.includes('inside') && {
      doors: plan.doors.filter(({ kind }) => kind === 'entry').length,
      slides: plan.slides.length,
      toilets: has('toilet', 'wet-bath'),
    }),
    ...(!missing.includes('berths') && {
      bunks: plan.berths.filter(({ kind }) => BERTH_KINDS[kind].bunk).length,
    }),
    tub: has('tub') > 0,
    oven: has('oven') > 0,
    outsideKitchen: plan.outside.some(({ kind }) => kind === 'outside-kitchen'),
    ...(fresh.length > 0 && { fresh: knownSum(fresh) }),
    ...knownOf(trailer),
  }
}

/** One letter a term: a yard of hundreds goes to the screen that narrows it. */
function knownOf(trailer: Trailer): Pick<YardUnit, 'known' | 'figures'> {
  const all = TERMS.map((term) => term.of(trailer))
  return {
    known: all.map(({ there }) => (there === undefined ? ' ' : there ? '1' : '0')).join(''),
    figures: all.flatMap(({ figure: value }, i) => (value === undefined ? [] : [[i, value] as const])),
  }
}
