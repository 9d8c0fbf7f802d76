import { bounds } from '../plan/shape/shape'
import { LB_PER_KG } from '../quantity/parse'
import { says, type Phrase } from '../quantity/phrase'
import { inches, pounds } from '../quantity/quantity'
import { oddReading, type Doubt } from '../readings/doubt'
import { best, type Reading, type ReadingSpec } from '../readings/reading'
import { nameIn } from './readingName'
import { thingsOf, type Thing } from './things'
import { tableTire } from './tires'
import { trailerFigure, type Trailer } from './trailer'
import { withId } from '../plan/withId'

/** Pounds to a foot of box, dry: folding-size trailers to the heaviest (common practice, wide). */
const USUAL_PER_FOOT = [70, 450] as const
/** The share of the dry weight on the hitch beyond which it was misread rather than built so. */
const SHARE = [0.03, 0.3] as const
/** Makers round: two figures for a tire differ by no more, a share of it and psi. */
const [TIRES_DIFFER, PSI_DIFFER] = [0.03, 3]
/** A mattress is not so much longer or wider than its drawing, inches. */
const BEYOND_DRAWING = 12

/** The figures on a trailer that are odd by themselves or beside others, and were not confirmed. */
export function doubtsOf(trailer: Trailer): Doubt[] {
  return thingsOf(trailer).flatMap((thing) =>
    Object.entries(thing.readings ?? {}).flatMap(([name, readings]): Doubt[] => {
      const reading = best(readings)
      const spec = thing.specs[name]
      if (!reading || !spec || reading.confirmed || typeof reading.value !== 'number') return []
      const words = oddReading({ ...spec, label: nameIn(thing, spec) }, reading)
      const odd = words ?? oddBeside(trailer, thing, name, reading, spec)
      return odd ? [{ key: `${thing.path}.${name}`, says: odd }] : []
    }),
  )
}

function oddBeside(
  trailer: Trailer,
  thing: Thing,
  name: string,
  { value }: Reading,
  spec: ReadingSpec,
): Phrase | undefined {
  const figure = value as number
  if (spec.unit === 'lb' && figure === trailer.year)
    return says`${spec.label} ${pounds(figure)}: that is its model year. Read the label again.`
  if (thing.path === 'readings' && name === 'uvw') {
    const { length } = trailer.plan.box
    const perFoot = figure / (length / 12)
    if (perFoot < USUAL_PER_FOOT[0]) {
      const rather = pounds(Math.round(figure * LB_PER_KG))
      return says`UVW ${pounds(figure)} is little for a box of ${inches(length)}. Were it kilograms, ${rather}?`
    }
    if (perFoot > USUAL_PER_FOOT[1]) return says`UVW ${pounds(figure)} is much for a box of ${inches(length)}.`
  }
  if (thing.path === 'readings' && name === 'hitchWeight') {
    const uvw = trailerFigure(trailer, 'uvw')
    if (uvw !== undefined && (figure < uvw * SHARE[0] || figure > uvw * SHARE[1]))
      return says`Hitch weight ${pounds(figure)} of ${pounds(uvw)}: 10 to 15 % of it is usual.`
  }
  if (thing.path === 'readings' && (name === 'tireRating' || name === 'tirePressure'))
    return oddTire(trailer, name, figure)
  return thing.path.startsWith('plan.berths.') ? oddMattress(trailer, thing, name, figure) : undefined
}

/** A sticker or a side wall that was misread, or another tire than the trailer came with. */
function oddTire(trailer: Trailer, name: 'tireRating' | 'tirePressure', figure: number): Phrase | undefined {
  const tire = tableTire(trailer)
  if (!tire) return undefined
  const table = says`by the tables an ${tire.name} carries ${pounds(tire.pounds)} at ${tire.psi} psi cold`
  if (name === 'tireRating')
    return Math.abs(figure - tire.pounds) > tire.pounds * TIRES_DIFFER
      ? says`A tire rated ${pounds(figure)}: ${table}. Read the side wall again.`
      : undefined
  return Math.abs(figure - tire.psi) > PSI_DIFFER
    ? says`${figure} psi in the tires: ${table}. Read the label and the side wall again.`
    : undefined
}

function oddMattress({ plan }: Trailer, { id, name }: Thing, reading: string, figure: number): Phrase | undefined {
  if (reading !== 'mattressLength' && reading !== 'mattressWidth') return undefined
  const { shape, head } = withId(plan.berths, id)
  const { x0, x1, y0, y1 } = bounds(shape)
  const lengthwise = (head === 'front' || head === 'rear') === (reading === 'mattressLength')
  const drawn = lengthwise ? x1 - x0 : y1 - y0
  const what = reading === 'mattressLength' ? 'long' : 'wide'
  return figure > drawn + BEYOND_DRAWING
    ? says`${name}: a mattress ${inches(figure)} ${what}, and it is drawn ${inches(drawn)} ${what}. Measure again.`
    : undefined
}
