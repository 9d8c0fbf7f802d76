import type { Frame } from './frame'

const FOOT = 12

/** Feet from the coupler, above all strips that share it. */
export function Ruler({ frame, scale, system = 'us' }: { frame: Frame; scale: number; system?: 'us' | 'metric' }) {
  const step = system === 'us' ? FOOT : 100 / 2.54
  const [every, mark] = system === 'us' ? [4, 'ft'] : [1, 'm']
  const ticks = Array.from({ length: Math.floor(frame.after / step) + 1 }, (_, i) => i)
  const width = (frame.before + frame.after) * scale
  return (
    <svg
      width={width}
      height={22}
      viewBox={`0 0 ${width} 22`}
      aria-hidden
      focusable="false"
      preserveAspectRatio="xMinYMax meet"
      style={{ display: 'block', maxWidth: '100%', height: 'auto' }}
    >
      {ticks.map((i) => {
        const x = (frame.before + i * step) * scale
        const long = i % every === 0
        return (
          <g key={i}>
            <line
              x1={x}
              x2={x}
              y1={long ? 13 : 17}
              y2={22}
              stroke="var(--h-colors-line)"
              strokeWidth={long ? 1.4 : 1}
            />
            {long && (
              <text
                x={x}
                y={10}
                textAnchor={i === 0 ? 'start' : 'middle'}
                style={{ fontSize: '11.5px' }}
                className="figure"
                fill="var(--h-colors-ink)"
              >
                {i === 0 ? `0 ${mark}` : `${i}`}
              </text>
            )}
          </g>
        )
      })}
    </svg>
  )
}
