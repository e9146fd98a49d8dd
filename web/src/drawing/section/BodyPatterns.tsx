import { Patterns } from '../Patterns'

/** What a thing does electrically, as its pattern: cable layers have those of the half-section, what lies on them these. */
export function BodyPatterns({ id }: { id: string }) {
  const ink = { stroke: 'var(--color-ink)', fill: 'none' }
  return (
    <>
      <Patterns id={id} />
      <defs>
        <pattern id={`${id}-net`} width="6" height="6" patternUnits="userSpaceOnUse">
          <rect width="6" height="6" fill="var(--color-copper)" />
          <path d="M0 0l6 6M6 0l-6 6" {...ink} strokeWidth="0.8" opacity="0.7" />
        </pattern>
        <pattern id={`${id}-strokes`} width="4" height="8" patternUnits="userSpaceOnUse">
          <rect width="4" height="8" fill="var(--color-copper)" />
          <path d="M2 0v8" {...ink} strokeWidth="1.1" opacity="0.75" />
        </pattern>
        <pattern id={`${id}-waves`} width="8" height="6" patternUnits="userSpaceOnUse">
          <rect width="8" height="6" fill="var(--color-grading)" />
          <path d="M0 3q2 -3 4 0t4 0" {...ink} strokeWidth="0.9" opacity="0.65" />
        </pattern>
        <pattern id={`${id}-long-waves`} width="16" height="7" patternUnits="userSpaceOnUse">
          <rect width="16" height="7" fill="var(--color-seal)" />
          <path d="M0 3.5q4 -4 8 0t8 0" {...ink} strokeWidth="1.3" opacity="0.6" />
        </pattern>
        <pattern id={`${id}-crosses`} width="8" height="8" patternUnits="userSpaceOnUse">
          <rect width="8" height="8" fill="var(--color-grading)" />
          <path d="M4 2.2v3.6M2.2 4h3.6" {...ink} strokeWidth="0.9" opacity="0.7" />
        </pattern>
        <pattern id={`${id}-tube`} width="26" height="26" patternUnits="userSpaceOnUse">
          <rect width="26" height="26" fill="var(--color-rubber)" />
          <path d="M6 20l7 -14M10 20l7 -14" {...ink} strokeWidth="0.8" opacity="0.4" />
        </pattern>
      </defs>
    </>
  )
}

const PLAIN: Record<string, string> = {
  oversheath: 'var(--color-sheath)',
  insulation: 'var(--color-white)',
  plain: 'var(--color-soft)',
}

export const bodyFill = (id: string, pattern: string): string =>
  PLAIN[pattern] ?? `url(#${id}-${pattern === 'conductor-screen' ? 'insulation-screen' : pattern})`
