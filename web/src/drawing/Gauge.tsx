import { judge, type Verdict } from '../domain/judge'

type GaugeProps = { valueMm: number | null; uncertaintyMm: number; minMm: number | null; maxMm: number | null; width?: number }

const COLOUR: Record<Verdict, string> = {
  inside: 'var(--color-inside)',
  'not-proved': 'var(--color-unproved)',
  out: 'var(--color-out)',
}

/** The verdict's sign: two posts are the limits, the dot is the reading, its bar the uncertainty. What is out is square. */
export function Gauge({ valueMm, uncertaintyMm, minMm, maxMm, width = 112 }: GaugeProps) {
  const height = 24
  const [left, right] = [width * 0.2, width * 0.8]
  const span =
    minMm !== null && maxMm !== null
      ? maxMm - minMm
      : Math.max(4 * uncertaintyMm, Math.abs((valueMm ?? 0) - (minMm ?? maxMm ?? 0)) * 1.5, 1)
  const low = minMm ?? (maxMm ?? 0) - span
  const at = (mm: number) => Math.min(width - 5, Math.max(5, left + ((mm - low) / (span || 1)) * (right - left)))
  const verdict = valueMm === null ? null : judge(valueMm, uncertaintyMm, minMm, maxMm).verdict
  const colour = verdict ? COLOUR[verdict] : 'var(--color-mute)'
  return (
    <svg width={width} height={height} aria-hidden className="shrink-0">
      <line x1={0} x2={width} y1={12} y2={12} stroke="var(--color-line)" strokeWidth={2} />
      <rect x={left} y={8} width={right - left} height={8} fill="var(--color-soft)" stroke="var(--color-mute)" />
      {minMm !== null && <line x1={left} x2={left} y1={2} y2={22} stroke="var(--color-ink)" strokeWidth={2} />}
      {maxMm !== null && <line x1={right} x2={right} y1={2} y2={22} stroke="var(--color-ink)" strokeWidth={2} />}
      {valueMm !== null && verdict && (
        <>
          <line
            x1={at(valueMm - uncertaintyMm)}
            x2={at(valueMm + uncertaintyMm)}
            y1={12}
            y2={12}
            stroke={colour}
            strokeWidth={4}
          />
          {verdict === 'out' ? (
            <rect x={at(valueMm) - 5} y={7} width={10} height={10} fill={colour} />
          ) : (
            <circle
              cx={at(valueMm)}
              cy={12}
              r={5}
              fill={verdict === 'inside' ? colour : 'var(--color-chalk)'}
              stroke={colour}
              strokeWidth={3}
            />
          )}
        </>
      )}
    </svg>
  )
}
