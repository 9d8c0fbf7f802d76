/** A figure in the middle of a mark, `size` in pixels. */
export function MarkText({ at: [x, y], size, scale, children }: MarkTextProps) {
  return (
    <text
      x={x}
      y={y}
      className="figure"
      textAnchor="middle"
      dominantBaseline="central"
      style={{ fontSize: `${size / scale}px`, fontWeight: 700 }}
      fill="var(--h-colors-ink)"
      stroke="none"
    >
      {children}
    </text>
  )
}

interface MarkTextProps {
  at: readonly [number, number]
  size: number
  /** Pixels per inch. */
  scale: number
  children: number
}
