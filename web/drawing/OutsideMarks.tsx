import type { OutsideItem, Plan } from '@hitchet/core/plan/plan'
import type { Bounds } from '@hitchet/core/plan/shape/shape'
import { OUTSIDE_KINDS } from '@hitchet/core/readings/catalogue'
import { takenInside } from '@hitchet/core/plan/takenInside'
import { FittedText } from './FittedText'
import { Outline } from './Outline'

/** What is used from outside, when parked: the awning as its roller, an outside kitchen as its counter. */
export function OutsideMarks({ plan, scale, labels }: { plan: Plan; scale: number; labels: boolean }) {
  return (
    <g fill="none">
      {plan.outside.map((item) => {
        if (item.kind === 'awning') {
          const y = item.wall === 'off-door' ? -2.5 : plan.box.width + 2.5
          return (
            <path
              key={item.id}
              d={`M${item.start} ${y - 1.5}v3M${item.start} ${y}h${item.length}m0 -1.5v3`}
              strokeWidth={1.6 / scale}
            />
          )
        }
        if (item.kind !== 'outside-kitchen') return null
        const zone = beside(plan, item)
        return (
          <g key={item.id}>
            <rect
              x={zone.x0}
              y={zone.y0}
              width={zone.x1 - zone.x0}
              height={zone.y1 - zone.y0}
              rx="1"
              fill="var(--h-colors-cushion)"
            />
            {labels && (
              <FittedText wordings={[OUTSIDE_KINDS[item.kind].name, 'Kitchen']} zone={zone} scale={scale} size={9.5} />
            )}
          </g>
        )
      })}
    </g>
  )
}

/** What an outside kitchen or a bay takes up inside, dashed: it is behind a cabinet's front. */
export function TakenMarks({ plan, scale }: { plan: Plan; scale: number }) {
  return (
    <g fill="none" strokeDasharray={`${5 / scale} ${4 / scale}`} strokeWidth={1.1 / scale}>
      {takenInside(plan).map(({ id, shape }) => (
        <Outline key={id} shape={shape} />
      ))}
    </g>
  )
}

/** A shelf's depth along the wall, outside of it. */
function beside({ box }: Plan, { wall, start, length }: OutsideItem): Bounds {
  const deep = 10
  if (wall === 'off-door') return { x0: start, x1: start + length, y0: -deep - 4, y1: -4 }
  if (wall === 'front') return { x0: -deep - 1, x1: -1, y0: start, y1: start + length }
  if (wall === 'rear') return { x0: box.length + 1, x1: box.length + 1 + deep, y0: start, y1: start + length }
  return { x0: start, x1: start + length, y0: box.width + 4, y1: box.width + 4 + deep }
}
