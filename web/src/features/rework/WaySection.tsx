import { useId } from 'react'
import type { Job, Way } from '../../api/types'
import { layerFill, Patterns } from '../../drawing/Patterns'

type Lies = NonNullable<Way['lies']>
type Layer = Lies['layers'][number]

const WIDTH = 400
const HEIGHT = 64
const TALLEST = 40

/** The stretch of the axis that all sections of a page show, so that a shift is seen down the column: from sheath to sheath. */
export type Scale = { fromMm: number; toMm: number }

export function scaleOfAll(all: Lies[]): Scale {
  const inner = all.flatMap(({ layers, connector }) => [
    ...layers.filter(({ key }) => key === 'metallic-screen' || key === 'lead-sheath').flatMap(nearest),
    connector.fromMm,
    connector.toMm,
  ])
  const [from, to] = [Math.min(...inner), Math.max(...inner)]
  const more = (to - from) * 0.08
  return { fromMm: from - more, toMm: to + more }
}

/** The end of a layer that is towards the middle of a joint, or towards the lug. */
const nearest = ({ end, fromMm, toMm }: Layer) => [end === 'A' && fromMm < 0 && toMm <= 0 ? toMm : fromMm]

type SectionProps = {
  lies: Lies
  scale: Scale
  /** Where the screens were to end, on the axis. */
  planned: number[]
  label: string
  /** Cuts that are made again: they are pointed at. */
  again?: Way['again']
  isOut?: boolean
}

/** A small section of the core in question as it lies by a way: layers by their patterns, the connector, and the part that is thinnest then. */
export function WaySection({ lies, scale, planned, label, again = [], isOut = false }: SectionProps) {
  const id = useId()
  const x = (mm: number) =>
    ((Math.min(scale.toMm, Math.max(scale.fromMm, mm)) - scale.fromMm) / (scale.toMm - scale.fromMm)) * WIDTH
  const bodies = [...lies.layers, lies.connector].filter(({ radiusMm }) => radiusMm > 0)
  const largest = Math.max(1, ...bodies.map(({ radiusMm }) => radiusMm))
  const high = (radiusMm: number) => Math.max(5, (radiusMm / largest) * TALLEST)
  const ordered = [...lies.layers].sort((one, other) => other.radiusMm - one.radiusMm)
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={label} className="block w-full">
      <Patterns id={id} />
      {[...ordered, lies.connector].map((body, i) => (
        <rect
          key={i}
          x={x(body.fromMm)}
          y={HEIGHT - 2 - high(body.radiusMm)}
          width={Math.max(0, x(body.toMm) - x(body.fromMm))}
          height={high(body.radiusMm)}
          fill={layerFill(id, body === lies.connector ? 'connector' : body.key)}
          stroke="var(--color-ink)"
          strokeWidth={0.8}
        />
      ))}
      {lies.parts.map((part, i) => (
        <Bracket key={i} from={x(part.fromMm)} to={x(part.toMm)} />
      ))}
      {lies.layers
        .filter((layer) => again.some((one) => one.end === layer.end && one.cut === layer.key))
        .map((layer, i) => (
          <path
            key={i}
            d={`M${x(nearest(layer)[0] ?? 0)} ${HEIGHT - 4 - high(layer.radiusMm)}l-5 -9h10z`}
            fill={isOut ? 'var(--color-out)' : 'var(--color-plan)'}
          />
        ))}
      {planned.map((mm, i) => (
        <line
          key={i}
          x1={x(mm)}
          x2={x(mm)}
          y1={0}
          y2={HEIGHT}
          stroke="var(--color-plan)"
          strokeWidth={1.2}
          strokeDasharray="1 4"
        />
      ))}
      <line x1={0} x2={WIDTH} y1={HEIGHT - 1} y2={HEIGHT - 1} stroke="var(--color-ink)" strokeDasharray="14 5 3 5" />
    </svg>
  )
}

function Bracket({ from, to }: { from: number; to: number }) {
  return <path d={`M${from} 14V8H${to}V14`} fill="none" stroke="var(--color-inside)" strokeWidth={2} />
}

/** Where the screens were to end, on the axis. */
export const plannedScreens = (job: Job): number[] =>
  job.section?.cuts
    .filter(({ cut, core }) => cut === 'insulation-screen' && (core === null || core === 1))
    .map(({ plannedAxisMm, axisMm }) => plannedAxisMm ?? axisMm) ?? []
