import { useId, type ReactNode } from 'react'
import { classes } from './classes'

type Described = { id: string; 'aria-describedby'?: string; 'aria-invalid'?: true; className: string }

type FieldProps = {
  label: string
  hint?: ReactNode
  fault?: string | undefined
  /** The label stands beside its entry. */
  isBeside?: boolean
  children: (input: Described) => ReactNode
}

const INPUT = 'min-h-12 w-full border-2 border-ink bg-white px-3 text-body aria-invalid:border-out'

/** A label, an entry, and under it what is wrong and how to mend it. */
export function Field({ label, hint, fault, isBeside = false, children }: FieldProps) {
  const id = useId()
  const note = fault ?? hint
  return (
    <div
      className={classes(
        'grid content-start gap-1',
        isBeside && 'items-center gap-x-3 sm:grid-cols-[minmax(0,4fr)_minmax(0,5fr)] [&>p]:sm:col-start-2',
      )}
    >
      <label htmlFor={id} className={classes('text-label', !isBeside && 'text-mute')}>
        {label}
      </label>
      {children({
        id,
        className: INPUT,
        ...(note ? { 'aria-describedby': `${id}-note` } : {}),
        ...(fault ? { 'aria-invalid': true as const } : {}),
      })}
      {note && (
        <p id={`${id}-note`} className={classes('text-label', fault ? 'font-semibold text-out' : 'text-mute')}>
          {note}
        </p>
      )}
    </div>
  )
}
