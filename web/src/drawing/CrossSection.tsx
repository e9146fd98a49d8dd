import { useId } from 'react'
import { sayFine, type Unit } from '../domain/length'
import { layerName } from '../domain/words'
import { layerFill, Patterns } from './Patterns'
import { useWidth } from './useWidth'

export type Ring = { layer: string; nominalMm: number; measuredMm: number | null }

type CrossSectionProps = { rings: Ring[]; unit: Unit; active: string | null; onPick: (layer: string) => void }

const SIZE = 310
const ROW = 34
/** Below this there is no room for labels at reading size; the list beside the drawing has the same numbers. */
const NARROW = 500

/** The cable cut across, to scale: its type on the left half, what was measured on the right. */
export function CrossSection({ rings, unit, active, onPick }: CrossSectionProps) {
  const id = useId()
  const [ref, width] = useWidth<HTMLDivElement>(544)
  const hasLabels = width >= NARROW
  const outermost = Math.max(...rings.map((ring) => Math.max(ring.nominalMm, ring.measuredMm ?? 0)))
  const perMm = (SIZE - 8) / outermost
  const outwards = [...rings].reverse()
  const middle = { x: width / 2, y: SIZE / 2 + 8 }
  const labelY = (i: number) => middle.y - ((rings.length - 1) / 2 - i) * ROW
  return (
    <div ref={ref} className="w-full overflow-hidden contain-inline-size">
      <svg
        width={width}
        height={SIZE + 40}
        className="block font-sans"
        role="img"
        aria-label="The cable cut across, to scale: type on the left, measured on the right"
      >
        <Patterns id={id} />
        {outwards.map((ring) => (
          <g key={ring.layer} onClick={() => onPick(ring.layer)} style={{ cursor: 'pointer' }}>
            <Half
              side={-1}
              middle={middle}
              radius={(ring.nominalMm / 2) * perMm}
              fill={layerFill(id, ring.layer)}
              isPlanned
              isActive={ring.layer === active}
            />
            <Half
              side={1}
              middle={middle}
              radius={((ring.measuredMm ?? ring.nominalMm) / 2) * perMm}
              fill={layerFill(id, ring.layer)}
              isPlanned={ring.measuredMm === null}
              isActive={ring.layer === active}
            />
          </g>
        ))}
        <line x1={middle.x} x2={middle.x} y1={0} y2={SIZE + 14} stroke="var(--color-ink)" strokeDasharray="12 5 3 5" />
        {hasLabels &&
          outwards.map((ring, i) => (
            <Labels
              key={ring.layer}
              ring={ring}
              unit={unit}
              y={labelY(i)}
              middle={middle}
              perMm={perMm}
              isActive={ring.layer === active}
            />
          ))}
        <text x={middle.x - 12} y={SIZE + 32} textAnchor="end" fontSize={14} fill="var(--color-mute)">
          cable type
        </text>
        <text x={middle.x + 12} y={SIZE + 32} fontSize={14} fill="var(--color-mute)">
          measured
        </text>
      </svg>
    </div>
  )
}

type Point = { x: number; y: number }

function Half({
  side,
  middle,
  radius,
  fill,
  isPlanned,
  isActive,
}: {
  side: -1 | 1
  middle: Point
  radius: number
  fill: string
  isPlanned: boolean
  isActive: boolean
}) {
  return (
    <path
      d={`M${middle.x} ${middle.y - radius}A${radius} ${radius} 0 0 ${side === 1 ? 1 : 0} ${middle.x} ${middle.y + radius}Z`}
      fill={fill}
      stroke={isActive || isPlanned ? 'var(--color-plan)' : 'var(--color-ink)'}
      strokeWidth={isActive ? 3 : 1.3}
      strokeDasharray={isPlanned && !isActive ? '5 4' : undefined}
    />
  )
}

/** A row for each layer on both sides, led to its ring, so that no number lies on the drawing. */
function Labels({
  ring,
  unit,
  y,
  middle,
  perMm,
  isActive,
}: {
  ring: Ring
  unit: Unit
  y: number
  middle: Point
  perMm: number
  isActive: boolean
}) {
  const reach = (mm: number) => {
    const radius = (mm / 2) * perMm
    return Math.sqrt(Math.max(0, radius * radius - (y - middle.y) ** 2))
  }
  const weight = isActive ? 700 : 400
  return (
    <g fontSize={14} fontWeight={weight}>
      <line
        x1={middle.x - 170}
        x2={middle.x - reach(ring.nominalMm)}
        y1={y}
        y2={y}
        stroke="var(--color-mute)"
        strokeWidth={0.8}
      />
      <text x={middle.x - 174} y={y - 2} textAnchor="end" fill="var(--color-ink)">
        {layerName(ring.layer, unit)}
      </text>
      <text x={middle.x - 174} y={y + 13} textAnchor="end" fill="var(--color-mute)">
        {sayFine(ring.nominalMm, unit)}
      </text>
      {ring.measuredMm !== null && (
        <>
          <line
            x1={middle.x + reach(ring.measuredMm)}
            x2={middle.x + 170}
            y1={y}
            y2={y}
            stroke="var(--color-mute)"
            strokeWidth={0.8}
          />
          <text x={middle.x + 174} y={y + 5} fill="var(--color-ink)">
            {sayFine(ring.measuredMm, unit)}
          </text>
        </>
      )}
    </g>
  )
}
