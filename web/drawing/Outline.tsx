import type { SVGProps } from 'react'
import { corners, type Shape } from '@hitchet/core/plan/shape/shape'

/** The ground a shape covers, outlined. */
export function Outline({
  shape,
  round = 1.5,
  ...rest
}: { shape: Shape; round?: number } & SVGProps<SVGRectElement> & SVGProps<SVGPolygonElement>) {
  if ('polygon' in shape)
    return (
      <polygon
        points={corners(shape)
          .map((point) => point.join(','))
          .join(' ')}
        strokeLinejoin="round"
        {...rest}
      />
    )
  const [x, y, width, height] = shape.rect
  return <rect x={x} y={y} width={width} height={height} rx={round} {...rest} />
}
