import type { Judgement, Outcome } from '../api/types'
import { sayFine, sayMark, type Unit } from '../domain/length'
import { classes } from '../ui/classes'

const TONE = { inside: 'text-inside', 'not-proved': 'text-unproved', out: 'text-out' } as const

/** The word of a verdict: inside · inside, not proved · out by so much. */
export function VerdictWord({
  judgement,
  unit,
  fine = false,
}: {
  judgement: Pick<Judgement, 'verdict' | 'marginMm'>
  unit: Unit
  fine?: boolean
}) {
  const by = (fine || unit === 'in' ? sayFine : sayMark)(Math.abs(judgement.marginMm), unit)
  const words = { inside: 'inside', 'not-proved': 'inside, not proved', out: `out by ${by}` }
  return <span className={classes('font-semibold', TONE[judgement.verdict])}>{words[judgement.verdict]}</span>
}

const OUTCOMES: Record<Outcome, { words: string; tone: string; sign: string }> = {
  fits: { words: 'fits', tone: 'text-inside', sign: 'M2 7l4 5l8 -10' },
  'fits-unproved': { words: 'fits, not proved', tone: 'text-unproved', sign: 'M1 9q3 -5 6 -1t7 -2' },
  'cannot-tell': { words: 'cannot tell', tone: 'text-unproved', sign: 'M3 8h2m3 0h1m3 0h2' },
  'does-not-fit': { words: 'does not fit', tone: 'text-out', sign: 'M3 2l10 11m0 -11l-10 11' },
}

/** A fit's outcome: a sign, then the word; the colour only repeats it. */
export function OutcomeWord({ outcome, words = OUTCOMES[outcome].words }: { outcome: Outcome; words?: string }) {
  const { tone, sign } = OUTCOMES[outcome]
  return (
    <span className={classes('inline-flex items-center gap-2 font-semibold whitespace-nowrap', tone)}>
      <svg width={16} height={15} aria-hidden>
        <path d={sign} fill="none" stroke="currentColor" strokeWidth={2.6} />
      </svg>
      {words}
    </span>
  )
}
