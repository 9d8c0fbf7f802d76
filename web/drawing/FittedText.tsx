import { meets, type Bounds } from '@hitchet/core/plan/shape/shape'

/**
 * Average width of a sign in the narrow face, as a share of its size. Measured on the shipped font: 0.44 for
 * mixed text.
 */
export const SIGN = 0.46
/** Of a label, pixels. */
const SIZE = 10.5
/** Between a label and the edges of its zone, pixels on either side. */
const MARGIN = 4

/** What is to stand in a zone of the plan: the first of its wordings that fits. */
export interface Label {
  id: string
  wordings: readonly string[]
  zone: Bounds
  /** Pixels; the usual size when absent. */
  size?: number
  halo?: boolean
}

/** Of some labels those that do not run over one that comes before them. */
export function withoutOverlap(labels: readonly Label[], scale: number): Label[] {
  const taken: Bounds[] = []
  return labels.filter(({ wordings, zone, size = SIZE }) => {
    const fitted = fit(wordings, zone, scale, size)
    if (!fitted) return false
    const [long, line] = [(fitted.text.length * SIGN * size) / scale, size / scale]
    const [w, h] = fitted.turned ? [line, long] : [long, line]
    const [x, y] = [(zone.x0 + zone.x1) / 2, (zone.y0 + zone.y1) / 2]
    const own = { x0: x - w / 2, y0: y - h / 2, x1: x + w / 2, y1: y + h / 2 }
    if (taken.some((other) => meets(own, other))) return false
    taken.push(own)
    return true
  })
}

/**
 * The longest of some wordings that fits a zone of the plan, along it when that is the longer way; none
 * when not even the shortest does: a label never runs over an edge. `size` in pixels, `halo` where lines run
 * under it, `scale` in pixels per inch.
 */
export function FittedText({
  wordings,
  zone,
  scale,
  size = SIZE,
  halo,
}: {
  wordings: readonly string[]
  zone: Bounds
  scale: number
  size?: number
  halo?: boolean
}) {
  const fitted = fit(wordings, zone, scale, size)
  if (!fitted) return null
  const [x, y] = [(zone.x0 + zone.x1) / 2, (zone.y0 + zone.y1) / 2]
  return (
    <text
      x={x}
      y={y}
      style={{ fontSize: `${size / scale}px`, ...(halo && { paintOrder: 'stroke' }) }}
      className="figure"
      textAnchor="middle"
      dominantBaseline="central"
      stroke={halo ? 'var(--h-colors-floor)' : 'none'}
      strokeWidth={halo ? 2.6 / scale : undefined}
      fill="var(--h-colors-ink)"
      transform={fitted.turned ? `rotate(-90 ${x} ${y})` : undefined}
    >
      {fitted.text}
    </text>
  )
}

export function fit(
  wordings: readonly string[],
  { x0, y0, x1, y1 }: Bounds,
  scale: number,
  size: number,
): { text: string; turned: boolean } | undefined {
  const line = (size * 1.15) / scale
  for (const text of wordings) {
    const long = (text.length * SIGN * size + 2 * MARGIN) / scale
    if (long <= x1 - x0 && line <= y1 - y0) return { text, turned: false }
    if (long <= y1 - y0 && line <= x1 - x0) return { text, turned: true }
  }
  return undefined
}
