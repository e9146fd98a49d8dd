import type { Rule } from './rules'

const COLOURS: Record<Rule['proof'], string> = {
  proved: 'var(--color-inside)',
  likely: 'var(--color-unproved)',
  'not-likely': 'var(--color-out)',
  fails: 'var(--color-out)',
}

/**
 * What a rule has to spare, on one scale for all of them: the post is what is asked, the dot is nominal, the thick bar likely, the thin one
 * worst. Whatever crosses the post does not hold; an arrow goes off the scale.
 */
export function MarginGauge({ rule, perPx, width = 180 }: { rule: Rule; perPx: number; width?: number }) {
  const post = width * 0.3
  const at = (mm: number) => Math.min(width - 8, Math.max(4, post + mm / perPx))
  const colour = COLOURS[rule.proof]
  const mirrored = (mm: number) => 2 * rule.marginMm - mm
  const isOff = post + rule.marginMm / perPx > width - 8
  const y = 12
  return (
    <svg width={width} height={24} aria-hidden className="shrink-0">
      <rect x={0} y={4} width={post} height={16} fill="url(#margin-hatch)" opacity={0.5} />
      <path d={`M0 ${y}H${width}`} stroke="var(--color-line)" strokeWidth={1.5} />
      <path d={`M${at(rule.worstMm)} ${y}H${at(mirrored(rule.worstMm))}`} stroke={colour} strokeWidth={1.6} />
      <path d={`M${at(rule.worstMm)} ${y - 5}v10`} stroke={colour} strokeWidth={1.6} />
      <path d={`M${at(rule.likelyMm)} ${y}H${at(mirrored(rule.likelyMm))}`} stroke={colour} strokeWidth={6} opacity={0.35} />
      <path d={`M${post} 1v22`} stroke="var(--color-ink)" strokeWidth={2.4} />
      {isOff ? (
        <path d={`M${width - 8} ${y - 6}l8 6l-8 6z`} fill={colour} />
      ) : (
        <circle
          cx={at(rule.marginMm)}
          cy={y}
          r={5.5}
          fill={rule.proof === 'likely' ? 'var(--color-chalk)' : colour}
          stroke={colour}
          strokeWidth={2.4}
        />
      )}
    </svg>
  )
}

export const MarginHatch = () => (
  <svg width={0} height={0} className="absolute" aria-hidden>
    <pattern id="margin-hatch" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
      <path d="M0 0v6" stroke="var(--color-out)" strokeWidth="1.4" />
    </pattern>
  </svg>
)
