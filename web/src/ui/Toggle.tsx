import { ToggleGroup } from 'radix-ui'
import { classes } from './classes'

type ToggleProps<T extends string> = {
  label: string
  value: T
  options: readonly { value: NoInfer<T>; label: string }[]
  onChange: (value: T) => void
  className?: string
}

/** A few choices side by side; arrow keys move, the chosen one is inked. */
export function Toggle<T extends string>({ label, value, options, onChange, className }: ToggleProps<T>) {
  return (
    <ToggleGroup.Root
      type="single"
      aria-label={label}
      value={value}
      onValueChange={(next) => next && onChange(next as T)}
      className={classes('inline-flex border-2 border-ink', className)}
    >
      {options.map((option) => (
        <ToggleGroup.Item
          key={option.value}
          value={option.value}
          className="min-h-11 min-w-11 px-3 text-label data-[state=on]:bg-ink data-[state=on]:font-semibold data-[state=on]:text-chalk"
        >
          {option.label}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  )
}
