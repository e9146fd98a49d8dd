import type { Judgement, Outcome } from '../api/types'
import { sayFine, sayMark, type Unit } from '../domain/length'
import { classes } from '../ui/classes'
import { SIGNS, SignedWord } from '../ui/SignedWord'

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
  fits: { words: 'fits', tone: 'text-inside', sign: SIGNS.tick },
  'fits-unproved': { words: 'fits, not proved', tone: 'text-unproved', sign: SIGNS.wave },
  'cannot-tell': { words: 'cannot tell', tone: 'text-unproved', sign: SIGNS.dots },
  'does-not-fit': { words: 'does not fit', tone: 'text-out', sign: SIGNS.cross },
}

/** A fit's outcome: a sign, then the word; the colour only repeats it. */
export function OutcomeWord({ outcome, words = OUTCOMES[outcome].words }: { outcome: Outcome; words?: string }) {
  return <SignedWord {...OUTCOMES[outcome]} words={words} />
}
