import { useId } from 'react'
import { classes } from './classes'

type ToggleProps<T extends string> = {
  label: string
  value: T
  options: readonly { value: NoInfer<T>; label: string }[]
  onChange: (value: T) => void
  className?: string
}

/** A few choices side by side; arrow keys choose, the chosen one is inked. */
export function Toggle<T extends string>({ label, value, options, onChange, className }: ToggleProps<T>) {
  const name = useId()
  return (
    <fieldset className={classes('inline-flex border-2 border-ink', className)}>
      <legend className="sr-only">{label}</legend>
      {options.map((option) => (
        <label
          key={option.value}
          className="grid min-h-11 min-w-11 cursor-pointer place-items-center px-3 text-label has-checked:bg-ink has-checked:font-semibold has-checked:text-chalk has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-plan"
        >
          <input
            type="radio"
            name={name}
            className="sr-only"
            checked={option.value === value}
            onChange={() => onChange(option.value)}
          />
          {option.label}
        </label>
      ))}
    </fieldset>
  )
}
