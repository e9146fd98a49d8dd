import type { BenchOutcome } from '../../api/types'

type Shape = BenchOutcome['shapes'][number]

const WIDE = 640
const ROW = 34
const RINGS = 240
const STROKES = ['none', '6 4', '2 4', '12 3 2 3']

/** What a tool comes to, to scale: rings round each other, or bars under each other. */
export function Sketch({ shapes }: { shapes: Shape[] }) {
  if (shapes.length === 0) return null
  return shapes[0]?.isRing ? <Rings rings={shapes} /> : <Bars bars={shapes} />
}

function Rings({ rings }: { rings: Shape[] }) {
  const largest = Math.max(...rings.map(({ to }) => to), 0.001)
  const middle = RINGS / 2
  return (
    <svg
      viewBox={`0 0 ${WIDE} ${RINGS}`}
      role="img"
      aria-label={rings.map(({ name }) => name).join(', ')}
      className="block w-full max-w-[40rem]"
    >
      {rings.map(({ name, to }, i) => {
        const radius = (to / largest) * (middle - 6)
        const y = 40 + i * ROW
        return (
          <g key={name} stroke="var(--color-ink)" fill="none">
            <circle cx={middle} cy={middle} r={radius} strokeWidth={2.5} strokeDasharray={STROKES[i % STROKES.length]} />
            <line
              x1={RINGS + 30}
              x2={RINGS + 90}
              y1={y - 5}
              y2={y - 5}
              strokeWidth={2.5}
              strokeDasharray={STROKES[i % STROKES.length]}
            />
            <text x={RINGS + 104} y={y} fontSize={16} stroke="none" fill="var(--color-ink)">
              {name}
            </text>
          </g>
        )
      })}
    </svg>
  )
}

function Bars({ bars }: { bars: Shape[] }) {
  const [from, to] = [Math.min(...bars.map((one) => one.from)), Math.max(...bars.map((one) => one.to))]
  const x = (value: number) => ((value - from) / Math.max(to - from, 1e-9)) * (WIDE - 4) + 2
  return (
    <svg
      viewBox={`0 0 ${WIDE} ${bars.length * (ROW + 12) + 4}`}
      role="img"
      aria-label={bars.map(({ name }) => name).join(', ')}
      className="block w-full max-w-[40rem]"
    >
      {bars.map((bar, i) => {
        const top = i * (ROW + 12)
        const isLate = x(bar.from) > WIDE / 2
        return (
          <g key={`${bar.name}${i}`}>
            <text
              x={isLate ? WIDE - 4 : x(bar.from)}
              y={top + 16}
              fontSize={15}
              textAnchor={isLate ? 'end' : 'start'}
              fill="var(--color-ink)"
            >
              {bar.name}
            </text>
            <rect
              x={x(bar.from)}
              y={top + 22}
              width={Math.max(2, x(bar.to) - x(bar.from))}
              height={16}
              fill="var(--color-copper)"
              stroke="var(--color-ink)"
              strokeWidth={1.5}
            />
          </g>
        )
      })}
    </svg>
  )
}
