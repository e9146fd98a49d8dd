import { layerFill } from './Patterns'
import { coreMiddles, isOfCore, sectorPath, type Ring } from './rings'

export type Point = { x: number; y: number }

type HalfProps = { side: -1 | 1; middle: Point; radius: number; fill: string; isPlanned: boolean; isActive: boolean }

/** Half a ring: dashed where it is what the type says, solid where it was measured. */
export function Half({ side, middle, radius, fill, isPlanned, isActive }: HalfProps) {
  return (
    <path
      d={`M${middle.x} ${middle.y - radius}A${radius} ${radius} 0 0 ${side === 1 ? 1 : 0} ${middle.x} ${middle.y + radius}Z`}
      fill={fill}
      {...outline(isPlanned, isActive)}
    />
  )
}

/** Dashed and blue: planned. Thick and blue: the layer in hand. */
export const outline = (isPlanned: boolean, isActive: boolean) => ({
  stroke: isActive || isPlanned ? 'var(--color-plan)' : 'var(--color-ink)',
  strokeWidth: isActive ? 3 : 1.3,
  strokeDasharray: isPlanned && !isActive ? '5 4' : undefined,
})

type CoresProps = {
  id: string
  rings: Ring[]
  isSector: boolean
  /** Something of this cable was measured, so what was not is drawn as planned. */
  isMeasured: boolean
  middle: Point
  perMm: number
  active: string | null
  onPick: (layer: string) => void
}

/** Three cores in their lay: round ones touch, sectors share a circle. */
export function Cores({ id, rings, isSector, isMeasured, middle, perMm, active, onPick }: CoresProps) {
  const ofCore = rings.filter((ring) => isOfCore(ring.layer)).reverse()
  const size = (ring: Ring) => ring.measuredMm ?? ring.nominalMm
  const outer = ofCore[0]
  if (!outer) return null
  const laidUp = rings.find((ring) => ring.layer === 'laid-up-cores')
  if (isSector && laidUp)
    return [0, 120, 240].map((turn) => (
      <g key={turn} transform={`translate(${middle.x} ${middle.y}) rotate(${turn})`}>
        {ofCore.map((ring) => {
          const wall = (size(outer) - size(ring)) / 2
          return (
            <path
              key={ring.layer}
              d={sectorPath((size(laidUp) / 2 - wall) * perMm, Math.max(1.5, 2 * wall * perMm))}
              fill={layerFill(id, ring.layer)}
              {...outline(isMeasured && ring.measuredMm === null, ring.layer === active)}
              style={{ cursor: 'pointer' }}
              onClick={() => onPick(ring.layer)}
            />
          )
        })}
      </g>
    ))
  return coreMiddles(3, size(outer)).map((core, i) => (
    <g key={i}>
      {ofCore.map((ring) => (
        <circle
          key={ring.layer}
          cx={middle.x + core.x * perMm}
          cy={middle.y + core.y * perMm}
          r={(size(ring) / 2) * perMm}
          fill={layerFill(id, ring.layer)}
          {...outline(isMeasured && ring.measuredMm === null, ring.layer === active)}
          style={{ cursor: 'pointer' }}
          onClick={() => onPick(ring.layer)}
        />
      ))}
    </g>
  ))
}
