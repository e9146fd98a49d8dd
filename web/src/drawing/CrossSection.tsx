import { useId } from 'react'
import { sayFine, type Unit } from '../domain/length'
import { layerName } from '../domain/words'
import { Cores, Half, outline, type Point } from './CrossSectionParts'
import { layerFill, Patterns } from './Patterns'
import { isOfCore, labelRows, measuredSide, type Ring } from './rings'
import { useWidth } from './useWidth'

type CrossSectionProps = {
  rings: Ring[]
  cores: 1 | 3
  isSector: boolean
  unit: Unit
  active: string | null
  onPick: (layer: string) => void
}

const ROW = 33
/** Room beside the drawing for a layer's name; below it the list beside the drawing has the same numbers. */
const LABEL = 150
const NARROW = 440
const SIDES = [-1, 1] as const

/** The cable cut across, to scale: its type on the left half, what was measured on the right. */
export function CrossSection({ rings, cores, isSector, unit, active, onPick }: CrossSectionProps) {
  const id = useId()
  const [ref, width] = useWidth<HTMLDivElement>(544)
  const hasLabels = width >= NARROW
  const side = measuredSide(rings)
  const real = new Map(rings.map((ring, i) => [ring.layer, side[i] ?? ring.nominalMm]))
  const outermost = Math.max(...rings.map((ring) => ring.nominalMm), ...side)
  const radius = Math.max(60, Math.min(150, hasLabels ? width / 2 - LABEL : width / 2 - 12))
  const height = Math.max(2 * radius + 8, hasLabels ? rings.length * ROW : 0)
  const perMm = radius / (outermost / 2)
  const middle = { x: width / 2, y: height / 2 + 4 }
  const outwards = [...rings].reverse()
  const round = cores === 3 ? outwards.filter((ring) => !isOfCore(ring.layer)) : outwards
  const isMeasured = rings.some((ring) => ring.measuredMm !== null)
  return (
    <div ref={ref} className="w-full overflow-hidden contain-inline-size">
      <svg
        width={width}
        height={height + (isMeasured ? 34 : 8)}
        className="block font-sans"
        role="img"
        aria-label={
          isMeasured
            ? 'The cable cut across, to scale: type on the left, measured on the right'
            : 'The cable cut across, to scale'
        }
      >
        <Patterns id={id} />
        {round.map((ring) => (
          <g key={ring.layer} onClick={() => onPick(ring.layer)} style={{ cursor: 'pointer' }}>
            {!isMeasured && (
              <circle
                cx={middle.x}
                cy={middle.y}
                r={(ring.nominalMm / 2) * perMm}
                fill={layerFill(id, ring.layer)}
                {...outline(false, ring.layer === active)}
              />
            )}
            {SIDES.filter(() => isMeasured).map((side) => (
              <Half
                key={side}
                side={side}
                middle={middle}
                radius={((side === 1 ? (real.get(ring.layer) ?? ring.nominalMm) : ring.nominalMm) / 2) * perMm}
                fill={layerFill(id, ring.layer)}
                isPlanned={side === -1 || ring.measuredMm === null}
                isActive={ring.layer === active}
              />
            ))}
          </g>
        ))}
        {cores === 3 && <Cores {...{ id, rings, isSector, isMeasured, middle, perMm, active, onPick }} />}
        {isMeasured && (
          <line
            className="pointer-events-none"
            x1={middle.x}
            x2={middle.x}
            y1={0}
            y2={height + 10}
            stroke="var(--color-ink)"
            strokeDasharray="12 5 3 5"
          />
        )}
        {hasLabels && <Labels {...{ outwards, unit, middle, radius, active }} />}
        {isMeasured && (
          <g fontSize={14} fill="var(--color-mute)">
            <text x={middle.x - 12} y={height + 28} textAnchor="end">
              cable type
            </text>
            <text x={middle.x + 12} y={height + 28}>
              measured
            </text>
          </g>
        )}
      </svg>
    </div>
  )
}

type LabelsProps = { outwards: Ring[]; unit: Unit; middle: Point; radius: number; active: string | null }

/** A row for each layer on both sides, led to the drawing, so that no number lies on it. */
function Labels({ outwards, unit, middle, radius, active }: LabelsProps) {
  const rows = labelRows(outwards.length, middle.y, ROW)
  return outwards.map((ring, i) => {
    const y = rows[i] ?? 0
    const isActive = ring.layer === active
    return (
      <g key={ring.layer} fontSize={14} fontWeight={isActive ? 700 : 400}>
        <text x={middle.x - radius - 16} y={y - 2} textAnchor="end" fill="var(--color-ink)">
          {layerName(ring.layer, unit)}
        </text>
        <text x={middle.x - radius - 16} y={y + 13} textAnchor="end" fill="var(--color-mute)">
          {sayFine(ring.nominalMm, unit)}
        </text>
        {ring.measuredMm !== null && (
          <text x={middle.x + radius + 16} y={y + 5} fill="var(--color-ink)">
            {sayFine(ring.measuredMm, unit)}
          </text>
        )}
        {isActive && (
          <path
            d={`M${middle.x - radius - 12} ${y}h9${ring.measuredMm === null ? '' : `M${middle.x + radius + 12} ${y}h-9`}`}
            stroke="var(--color-plan)"
            strokeWidth={3}
          />
        )}
      </g>
    )
  })
}
