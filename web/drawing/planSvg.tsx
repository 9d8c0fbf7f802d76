import { carried } from '@hitchet/core/formats/planSvg'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import { Dimensions } from './Dimensions'
import { frameFor, heightFor } from './frame'
import { planText } from '@hitchet/core/yard/planText'
import { PlanStrip } from './PlanStrip'
import { onPaper } from './printColors'

/** Drawn as if for a screen of this many pixels per inch, so that letters have their size on the plan. */
const SCALE = 3

/**
 * The plan as a drawing of its own: one unit of the drawing is one inch, and it says so (`width="348in"`); each
 * layer is a group by name; the unit rides along in the metadata. `render`: React's renderToStaticMarkup.
 */
export function planSvg(trailer: Trailer, render: (element: React.ReactElement) => string): string {
  const { plan } = trailer
  const frame = frameFor([plan])
  const { top, bottom } = heightFor(plan)
  const [width, height] = [frame.before + frame.after, bottom - top]
  const text = planText(trailer, 'parked', 'us')
  const drawn = render(
    <PlanStrip
      plan={plan}
      time="parked"
      frame={frame}
      scale={SCALE}
      detail="names"
      text={text}
      over={<Dimensions plan={plan} scale={SCALE} system="us" />}
    />,
  )
  const body = onPaper(drawn.slice(drawn.indexOf('>') + 1, drawn.lastIndexOf('</svg>')))
    .replace(
      /data-layer="([^"]+)"/g,
      (_, name: string) => `id="${name.replaceAll(' ', '-')}" inkscape:groupmode="layer" inkscape:label="${name}"`,
    )
    .replaceAll('class="figure"', "font-family=\"'Barlow Semi Condensed', 'Arial Narrow', sans-serif\"")
  return [
    `<?xml version="1.0" encoding="UTF-8"?>`,
    `<svg xmlns="http://www.w3.org/2000/svg" xmlns:inkscape="http://www.inkscape.org/namespaces/inkscape"`,
    `width="${width}in" height="${height}in"`,
    `viewBox="${-plan.box.tongue - frame.before} ${top} ${width} ${height}">`,
    `<title>${escaped(text)}</title>`,
    carried(trailer),
    once(body),
    `</svg>`,
  ].join('\n')
}

const escaped = (text: string): string => text.replaceAll('&', '&amp;').replaceAll('<', '&lt;')

/** Several slides make several groups of one name; an id stands once in a drawing. */
function once(svg: string): string {
  const seen = new Map<string, number>()
  return svg.replace(/ id="([^"]+)"/g, (_, id: string) => {
    const n = (seen.get(id) ?? 0) + 1
    seen.set(id, n)
    return ` id="${n === 1 ? id : `${id}-${n}`}"`
  })
}
