import { Delete } from 'lucide-react'

type KeypadProps = {
  onKey: (key: string) => void
  onDelete: () => void
  withFractions: boolean
  label: string
  onRecord: () => void
  isReady: boolean
  onUnit: () => void
}

const DIGITS = ['7', '8', '9', '4', '5', '6', '1', '2', '3'] as const
/** As large as the screen lets them be, and never smaller than a finger. */
const KEY =
  'grid min-h-[clamp(2.75rem,7.4dvh,3.75rem)] low:min-h-[clamp(2.75rem,20dvh,4.5rem)] place-items-center border border-line bg-white text-[1.75rem] active:bg-soft'

/** A keypad as large as the hand, with the signs of inch fractions where inches are read. */
export function Keypad({ onKey, onDelete, withFractions, label, onRecord, isReady, onUnit }: KeypadProps) {
  return (
    <div className="grid h-full grid-cols-4 border-t-2 border-ink" role="group" aria-label="Keypad">
      <div className="col-span-3 grid grid-cols-3">
        {DIGITS.map((digit) => (
          <button key={digit} type="button" className={KEY} onClick={() => onKey(digit)}>
            {digit}
          </button>
        ))}
        <button type="button" className={`${KEY} bg-soft text-body`} onClick={onUnit}>
          mm / in
        </button>
        <button type="button" className={KEY} onClick={() => onKey('0')}>
          0
        </button>
        <button type="button" className={KEY} onClick={() => onKey('.')}>
          .
        </button>
      </div>
      <div className="grid grid-rows-[1fr_1fr_2fr]">
        <button type="button" aria-label="Delete the last sign" className={`${KEY} bg-soft`} onClick={onDelete}>
          <Delete aria-hidden size={26} />
        </button>
        {withFractions ? (
          <div className="grid grid-cols-2">
            <button type="button" aria-label="space" className={`${KEY} bg-soft`} onClick={() => onKey(' ')}>
              ␣
            </button>
            <button type="button" className={`${KEY} bg-soft`} onClick={() => onKey('/')}>
              /
            </button>
          </div>
        ) : (
          <button type="button" className={`${KEY} bg-soft`} onClick={() => onKey(',')}>
            ,
          </button>
        )}
        <button
          type="button"
          disabled={!isReady}
          onClick={onRecord}
          className="grid place-items-center bg-ink text-lead font-semibold text-chalk disabled:opacity-60"
        >
          {label}
        </button>
      </div>
    </div>
  )
}
