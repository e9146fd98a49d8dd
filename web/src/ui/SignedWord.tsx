import { classes } from './classes'

type SignedWordProps = { words: string; tone: string; sign: string }

/** A sign, then the word; the colour only repeats it. */
export function SignedWord({ words, tone, sign }: SignedWordProps) {
  return (
    <span className={classes('inline-flex items-center gap-2 font-semibold whitespace-nowrap', tone)}>
      <svg width={16} height={15} aria-hidden>
        <path d={sign} fill="none" stroke="currentColor" strokeWidth={2.6} />
      </svg>
      {words}
    </span>
  )
}

export const SIGNS = {
  tick: 'M2 7l4 5l8 -10',
  wave: 'M1 9q3 -5 6 -1t7 -2',
  dots: 'M3 8h2m3 0h1m3 0h2',
  mark: 'M8 2v7m0 3v2',
  cross: 'M3 2l10 11m0 -11l-10 11',
}
