import { useId, useLayoutEffect, useRef, useState, type ComponentProps } from 'react'
import type { OfferedName } from './FormContext'
import { offers, wordAt, BLANK } from './formulaWords'

type FormulaInputProps = Omit<ComponentProps<'input'>, 'value' | 'onChange'> & {
  value: string
  names: OfferedName[]
  onChange: (value: string) => void
}

/** What is typed next takes the place of what is not said yet. */
function selectBlank(input: HTMLInputElement): void {
  const blank = input.value.indexOf(BLANK)
  if (blank >= 0 && input.selectionStart === input.selectionEnd) input.setSelectionRange(blank, blank + BLANK.length)
}

/** A formula: while a name is typed, those that it may be are offered, each with what it means and what it comes to. */
export function FormulaInput({ value, names, onChange, ...input }: FormulaInputProps) {
  const list = useId()
  const [caret, setCaret] = useState<number | null>(null)
  const [chosen, setChosen] = useState(0)
  const ref = useRef<HTMLInputElement>(null)
  const jump = useRef<number | null>(null)
  useLayoutEffect(() => {
    if (jump.current === null) return
    ref.current?.setSelectionRange(jump.current, jump.current)
    jump.current = null
  })
  const word = caret === null ? null : wordAt(value, caret)
  const offered = word && !input.readOnly ? offers(word.text, names) : []
  const take = (name: string) => {
    if (!word) return
    jump.current = word.from + name.length
    setCaret(null)
    onChange(value.slice(0, word.from) + name + value.slice(word.to))
  }
  return (
    <div className="relative">
      <input
        {...input}
        ref={ref}
        role="combobox"
        aria-expanded={offered.length > 0}
        aria-controls={list}
        aria-autocomplete="list"
        aria-activedescendant={offered.length > 0 ? `${list}-${chosen}` : undefined}
        autoComplete="off"
        value={value}
        onChange={(event) => {
          setCaret(event.target.selectionStart)
          setChosen(0)
          onChange(event.target.value)
        }}
        onFocus={(event) => selectBlank(event.currentTarget)}
        onClick={(event) => selectBlank(event.currentTarget)}
        onBlur={() => setCaret(null)}
        onKeyDown={(event) => {
          if (offered.length === 0) return
          const step = { ArrowDown: 1, ArrowUp: -1 }[event.key]
          if (step) setChosen((chosen + step + offered.length) % offered.length)
          else if (event.key === 'Enter') take(offered[chosen]?.name ?? '')
          else if (event.key === 'Escape') setCaret(null)
          else return
          event.preventDefault()
        }}
      />
      {offered.length > 0 && (
        <ul
          id={list}
          role="listbox"
          aria-label="Names"
          className="absolute inset-x-0 z-10 border-2 border-t-0 border-ink bg-white"
        >
          {offered.map((one, place) => (
            <li
              key={one.name}
              id={`${list}-${place}`}
              role="option"
              aria-selected={place === chosen}
              onPointerDown={(event) => {
                // Before the entry loses the caret.
                event.preventDefault()
                take(one.name)
              }}
              className="grid min-h-11 cursor-pointer grid-cols-[minmax(0,1fr)_auto] items-center gap-x-3 px-2 py-1 aria-selected:bg-soft"
            >
              <span className="font-mono text-label">{one.name}</span>
              <span className="text-label font-semibold tabular-nums">{one.now}</span>
              <span className="col-span-full text-label text-mute">{one.meaning}</span>
            </li>
          ))}
        </ul>
      )}
    </div>
  )
}
