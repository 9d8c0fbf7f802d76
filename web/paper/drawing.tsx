import { Circle, ClipPath, Defs, Ellipse, G, Line, Path, Polygon, Rect, Svg, Text } from '@react-pdf/renderer'
import { XMLParser } from 'fast-xml-parser'
import { createElement, type ComponentType, type ReactElement, type ReactNode } from 'react'
import { renderToStaticMarkup } from 'react-dom/server'
import { onPaper } from '../drawing/printColors'
import { FIGURES, TEXT } from './fonts'

/** What SVG takes for 0 where nobody says it. */
const UNSAID: Record<string, Record<string, string>> = {
  line: { x1: '0', x2: '0', y1: '0', y2: '0' },
  rect: { x: '0', y: '0' },
  circle: { cx: '0', cy: '0' },
  ellipse: { cx: '0', cy: '0' },
}

type Part = ComponentType<{ children?: ReactNode }>
/** What our drawings are made of, and what that is on paper. */
const PARTS: Record<string, Part> = {
  g: G as Part,
  path: Path as unknown as Part,
  rect: Rect as unknown as Part,
  circle: Circle as unknown as Part,
  ellipse: Ellipse as unknown as Part,
  line: Line as unknown as Part,
  polygon: Polygon as unknown as Part,
  defs: Defs as Part,
}

/** A letter's middle lies so much of its size above the line it stands on. */
const MIDDLE = 0.35

/** A node as the parser hands it out: its name over its children, and its attributes. */
type Node = Record<string, unknown> & { ':@'?: Record<string, string>; '#text'?: string }

const parser = new XMLParser({
  preserveOrder: true,
  ignoreAttributes: false,
  attributeNamePrefix: '',
  trimValues: false,
  parseAttributeValue: false,
  parseTagValue: false,
})

/**
 * One of the screen's drawings on paper, as lines and letters. `scale`: points for each unit of its view box.
 */
export function Drawing({ of, scale }: { of: ReactElement; scale: number }) {
  const [root] = parser.parse(onPaper(renderToStaticMarkup(of))) as [Node]
  const { viewBox } = root[':@']!
  const [, , width, height] = viewBox!.split(' ').map(Number) as [number, number, number, number]
  return (
    <Svg viewBox={viewBox!} style={{ width: width * scale, height: height * scale }}>
      {drawn(root['svg'] as Node[])}
    </Svg>
  )
}

/** Clips are told before what they clip, wherever they stand. */
const drawn = (nodes: readonly Node[]): ReactNode[] => nodes.map((node, i) => part(node, i))

function part(node: Node, key: number): ReactNode {
  const name = Object.keys(node).find((one) => one !== ':@')!
  const children = node[name] as Node[]
  const own = attributes(node[':@'] ?? {})
  if (name === 'text') return lettering(children, own, key)
  // On paper a clip counts only among definitions.
  if (name === 'clipPath')
    return createElement(Defs, { key } as never, createElement(ClipPath, own as never, ...drawn(children)))
  const Part = PARTS[name]
  return Part ? createElement(Part, { key, ...UNSAID[name], ...own } as never, ...drawn(children)) : null
}

function lettering(
  children: readonly Node[],
  { fontSize, fontWeight, x, y, dominantBaseline, className, ...own }: Own,
  key: number,
): ReactNode {
  const size = Number(fontSize ?? 4)
  const family = className === 'figure' ? FIGURES : TEXT
  return createElement(
    Text as never,
    {
      key,
      ...own,
      stroke: 'none',
      x: Number(x ?? 0),
      y: Number(y ?? 0) + (dominantBaseline === 'central' ? MIDDLE * size : 0),
      style: { fontSize: size, fontFamily: family, fontWeight: Number(fontWeight ?? 400) >= 600 ? 600 : 400 },
    } as never,
    children.map((child) => child['#text'] ?? '').join(''),
  )
}

type Own = Record<string, string | undefined>

/** Attributes under React's names, styles among them, colors as on paper. */
function attributes(given: Record<string, string>): Own {
  const styles = (given['style'] ?? '').split(';').flatMap((one) => {
    const at = one.indexOf(':')
    return at < 0 ? [] : [[one.slice(0, at), one.slice(at + 1)] as const]
  })
  const own: Own = {}
  for (const [name, value] of [...Object.entries(given), ...styles]) {
    if (name === 'style' || name === 'transition' || name.startsWith('data-') || name.startsWith('aria-')) continue
    own[CAMEL[name] ?? name.replace(/-([a-z])/g, (_, letter: string) => letter.toUpperCase())] = value.replace(
      /(?<=\d)px/g,
      '',
    )
  }
  return own
}

const CAMEL: Record<string, string> = { class: 'className' }
