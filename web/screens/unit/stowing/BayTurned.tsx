'use client'

import { Box, Text } from '@chakra-ui/react'
import { useDrag } from '@use-gesture/react'
import { useState } from 'react'
import type { Placed } from '@hitchet/core/packing/piece'
import type { HoldFact } from '@hitchet/core/stowing/facts'
import { facesOf, fromBehind, projected } from '../../../drawing/turnedBoxes'
import { toneOf } from './numbered'

const WIDTH = 300
const HEIGHT = 230
const SHADE = { top: 1, x: 0.86, y: 0.93 } as const

/** The bay in space, turned by dragging or with the slider. */
export function BayTurned({
  hold,
  placed,
  numbers,
}: {
  hold: HoldFact
  placed: Placed[]
  numbers: ReadonlyMap<string, number>
}) {
  const [degrees, setDegrees] = useState(32)
  const drag = useDrag(({ delta: [dx] }) => setDegrees((now) => (now - dx * 0.6 + 360) % 360), { filterTaps: true })
  const [length, width, height] = hold.size
  const shell = [0, length].flatMap((x) =>
    [0, width].flatMap((y) => [0, height].map((z) => projected([x - length / 2, y - width / 2, z], degrees))),
  )
  const scale = Math.min(
    WIDTH / (1.05 * Math.hypot(length, width)),
    HEIGHT / (1.05 * (height + 0.5 * Math.hypot(length, width))),
  )
  const [top, bottom] = [Math.min(...shell.map(([, y]) => y)), Math.max(...shell.map(([, y]) => y))]
  const moved = placed.map(({ at: [x, y, z], size }) => ({ at: [x - length / 2, y - width / 2, z] as const, size }))
  const path = (points: [number, number][]) =>
    points.map(([x, y]) => `${WIDTH / 2 + x * scale},${HEIGHT / 2 + (y - (top + bottom) / 2) * scale}`).join(' ')
  const floor = [
    [0, 0],
    [length, 0],
    [length, width],
    [0, width],
  ].map(([x, y]) => projected([x! - length / 2, y! - width / 2, 0], degrees))
  return (
    <Box>
      <svg
        {...drag()}
        width={WIDTH}
        height={HEIGHT}
        role="img"
        aria-label={`${hold.name} in space, turned by ${Math.round(degrees)} degrees`}
        style={{ touchAction: 'pan-y', cursor: 'grab' }}
      >
        <polygon points={path(floor)} fill="var(--h-colors-floor)" stroke="var(--h-colors-ink)" strokeWidth="2" />
        {fromBehind(moved, degrees).map((i) => {
          const number = numbers.get(placed[i]!.piece)!
          const faces = facesOf(moved[i]!, degrees)
          const center = faces[0]!.points.reduce(([sx, sy], [x, y]) => [sx + x / 4, sy + y / 4], [0, 0])
          const [cx, cy] = path([center as [number, number]]).split(',')
          return (
            <g key={i} stroke="#1f2b2d" strokeWidth="0.8" strokeLinejoin="round">
              {faces.map(({ side, points }) => (
                <polygon
                  key={side}
                  points={path(points)}
                  fill={toneOf(number)}
                  style={{ filter: `brightness(${SHADE[side]})` }}
                />
              ))}
              <text
                x={cx}
                y={cy}
                stroke="none"
                fill="#1f2b2d"
                textAnchor="middle"
                dominantBaseline="central"
                className="figure"
                style={{ fontSize: '11px', fontWeight: 600 }}
              >
                {number}
              </text>
            </g>
          )
        })}
      </svg>
      <label style={{ display: 'flex', gap: '8px', alignItems: 'center', fontSize: '13px' }}>
        <Text as="span" color="line">
          Turn it
        </Text>
        <input
          type="range"
          min="0"
          max="359"
          value={Math.round(degrees)}
          onChange={(event) => setDegrees(Number(event.target.value))}
          style={{ flex: 1, accentColor: 'var(--h-colors-green)' }}
        />
      </label>
    </Box>
  )
}
