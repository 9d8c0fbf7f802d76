'use client'

import { Box, Text } from '@chakra-ui/react'
import type { Placed } from '@hitchet/core/packing/piece'
import type { HoldFact } from '@hitchet/core/stowing/facts'
import { formatQuantity } from '@hitchet/core/quantity/format'
import { inches } from '@hitchet/core/quantity/quantity'
import { useMeasures } from '../../../look/measures'
import { toneOf } from './numbered'

/** Pixels per inch. */
const SCALE = 2.6
const EDGE = 10

interface BayViewProps {
  hold: HoldFact
  placed: Placed[]
  numbers: ReadonlyMap<string, number>
}

/** A bay to scale, from above (front to the left, door side down) or as one looks in at its door. */
export function BayFlat({ hold, placed, numbers, from }: BayViewProps & { from: 'above' | 'door' }) {
  const system = useMeasures()
  // Through a door in a side one looks along the width; through one in an end along the length.
  const across = from === 'above' || hold.openings.some(({ wall }) => wall === 'door' || wall === 'off-door') ? 0 : 1
  const [sizeA, sizeB] = from === 'above' ? [hold.size[0], hold.size[1]] : [hold.size[across], hold.size[2]]
  const cell = (one: Placed) =>
    from === 'above'
      ? { x: one.at[0], y: one.at[1], w: one.size[0], h: one.size[1], depth: one.at[2] }
      : {
          x: one.at[across],
          y: hold.size[2] - one.at[2] - one.size[2],
          w: one.size[across],
          h: one.size[2],
          depth: one.at[across === 0 ? 1 : 0],
        }
  const sorted = [...placed].sort((a, b) => cell(a).depth - cell(b).depth)
  const walls: readonly string[] = across === 0 ? ['door', 'off-door'] : ['rear', 'front']
  const faced = hold.openings.find(({ wall }) => walls.includes(wall))
  const title = from === 'above' ? 'From above' : faced ? 'In at the door' : 'From the side'
  return (
    <Box>
      <svg
        width={sizeA * SCALE + 2 * EDGE}
        height={sizeB * SCALE + 2 * EDGE}
        role="img"
        aria-label={`${hold.name}, ${title.toLowerCase()}: ${placed.length} things`}
      >
        <g transform={`translate(${EDGE} ${EDGE})`}>
          <rect
            width={sizeA * SCALE}
            height={sizeB * SCALE}
            fill="var(--h-colors-floor)"
            stroke="var(--h-colors-ink)"
            strokeWidth="3"
          />
          {sorted.map((one, i) => {
            const { x, y, w, h } = cell(one)
            const number = numbers.get(one.piece)!
            return (
              <g key={i}>
                <rect
                  x={x * SCALE}
                  y={y * SCALE}
                  width={w * SCALE}
                  height={h * SCALE}
                  fill={toneOf(number)}
                  stroke="#1f2b2d"
                  strokeWidth="1"
                />
                <text
                  x={(x + w / 2) * SCALE}
                  y={(y + h / 2) * SCALE}
                  textAnchor="middle"
                  dominantBaseline="central"
                  fill="#1f2b2d"
                  className="figure"
                  style={{ fontSize: `${Math.min(14, Math.max(9, Math.min(w, h) * SCALE * 0.7))}px`, fontWeight: 600 }}
                >
                  {number}
                </text>
              </g>
            )
          })}
          {hold.openings.map(({ wall, width, height }, i) => {
            if (from === 'door')
              return hold.openings[i] === faced ? (
                <rect
                  key={i}
                  x={((sizeA - width) / 2) * SCALE}
                  y={(sizeB - height) * SCALE}
                  width={width * SCALE}
                  height={height * SCALE}
                  fill="none"
                  stroke="var(--h-colors-green)"
                  strokeWidth="2"
                  strokeDasharray="6 4"
                />
              ) : null
            const line = {
              front: [0, (sizeB - width) / 2, 0, (sizeB + width) / 2],
              rear: [sizeA, (sizeB - width) / 2, sizeA, (sizeB + width) / 2],
              door: [(sizeA - width) / 2, sizeB, (sizeA + width) / 2, sizeB],
              'off-door': [(sizeA - width) / 2, 0, (sizeA + width) / 2, 0],
              top: undefined,
            }[wall]
            if (wall === 'top')
              return (
                <rect
                  key={i}
                  x={((sizeA - width) / 2) * SCALE}
                  y={((sizeB - height) / 2) * SCALE}
                  width={width * SCALE}
                  height={height * SCALE}
                  fill="none"
                  stroke="var(--h-colors-green)"
                  strokeWidth="2"
                  strokeDasharray="6 4"
                />
              )
            return line ? (
              <line
                key={i}
                x1={line[0]! * SCALE}
                y1={line[1]! * SCALE}
                x2={line[2]! * SCALE}
                y2={line[3]! * SCALE}
                stroke="var(--h-colors-green)"
                strokeWidth="5"
              />
            ) : null
          })}
        </g>
      </svg>
      <Text fontSize="13px" color="line" ps="10px">
        {title}, {formatQuantity(inches(sizeA), system)} by {formatQuantity(inches(sizeB), system)}; doors green
      </Text>
    </Box>
  )
}
