import { corners, type Shape } from '@hitchet/core/plan/shape/shape'

/** Where the hands go: what something is done with, ringed. */
export function HeldLayer({ shapes, scale }: { shapes: readonly Shape[]; scale: number }) {
  return (
    <g pointerEvents="none" data-layer="held">
      {shapes.map((shape, i) => (
        <polygon
          key={i}
          points={corners(shape)
            .map((point) => point.join(','))
            .join(' ')}
          fill="var(--h-colors-green)"
          fillOpacity={0.16}
          stroke="var(--h-colors-green)"
          strokeWidth={2.4 / scale}
        />
      ))}
    </g>
  )
}
