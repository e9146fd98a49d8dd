import { useId } from 'react'
import { Link } from 'react-router'
import { layerFill, Patterns } from '../../drawing/Patterns'
import { PLACES, TALL, WIDE, type Place } from './places'

const AXIS = 330
const ROW = 56

/** What lies in the drawing, the outermost first: from, to, how high it reaches, and its pattern. */
const BODIES: readonly [number, number, number, string][] = [
  [0, 150, 102, 'oversheath'],
  [970, 1120, 102, 'oversheath'],
  [0, 262, 86, 'metallic-screen'],
  [858, 1120, 86, 'metallic-screen'],
  [250, 870, 132, 'body'],
  [0, 352, 76, 'insulation-screen'],
  [768, 1120, 76, 'insulation-screen'],
  [0, 470, 66, 'insulation'],
  [650, 1120, 66, 'insulation'],
  [490, 630, 56, 'connector'],
  [0, 1120, 26, 'conductor'],
]

/** A joint in half section, with every tool where it is needed. */
export function Accessory() {
  const id = useId()
  return (
    <svg
      viewBox={`0 0 ${WIDE} ${TALL}`}
      className="block w-full"
      role="group"
      aria-label="A joint, and the tools where they belong"
    >
      <Patterns id={id} />
      {BODIES.map(([from, to, high, pattern], i) => (
        <rect
          key={i}
          x={from}
          y={AXIS - high}
          width={to - from}
          height={high}
          fill={pattern === 'body' ? 'var(--color-rubber)' : layerFill(id, pattern)}
          stroke="var(--color-ink)"
          strokeWidth={1}
        />
      ))}
      <line x1={0} x2={WIDE} y1={AXIS} y2={AXIS} stroke="var(--color-ink)" strokeWidth={2} strokeDasharray="18 5 3 5" />
      {PLACES.map((place) => (
        <Flag key={place.tool} place={place} />
      ))}
    </svg>
  )
}

function Flag({ place: { tool, name, x, at, isOver, row } }: { place: Place }) {
  const top = isOver ? 8 + row * ROW : AXIS + 62 + row * ROW
  const foot = isOver ? top + 44 : top
  const wide = name.length * 9.4 + 22
  const from = Math.min(Math.max(at.x, x + 8), x + wide - 8)
  return (
    <Link to={`/bench/${tool}`} className="group focus-visible:outline-3 focus-visible:outline-plan">
      <polyline points={`${from},${foot} ${at.x},${at.y}`} stroke="var(--color-ink)" strokeWidth={1.25} fill="none" />
      <circle cx={at.x} cy={at.y} r={4} fill="var(--color-ink)" />
      <rect x={x} y={top} width={wide} height={44} className="fill-white stroke-ink group-hover:fill-soft" strokeWidth={2} />
      <text x={x + wide / 2} y={top + 28} textAnchor="middle" fontSize={17} className="fill-ink font-semibold">
        {name}
      </text>
    </Link>
  )
}
