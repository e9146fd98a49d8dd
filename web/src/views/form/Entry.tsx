import { useState } from 'react'
import type { FormField } from '../../domain/form'
import { at, type Json, type Path } from '../../domain/json'
import { word } from '../../domain/words'
import { classes } from '../../ui/classes'
import { Field } from '../../ui/Field'
import { useUnit } from '../../ui/UnitContext'
import { optionName } from '../cableForm'
import { faultAt } from './faults'
import { useForm, type Option } from './FormContext'
import { FormulaInput } from './FormulaInput'

type EntryProps = { field: FormField; path: Path; label?: string; isBeside?: boolean }

/** One field that is not made of others, with what is wrong at it. */
export function Entry({ field, path, label = field.title, isBeside = false }: EntryProps) {
  const { json, change, problems, keysFor, names = [] } = useForm()
  const unit = useUnit()
  const value = at(json, path)
  const { shape } = field
  const fault = faultAt(problems, path)
  const set = (next: Json) => change?.(path, next === '' && field.isShown && !field.isRequired ? undefined : next)
  const keys = shape.kind === 'text' ? keysFor?.(path) : null
  if (shape.kind === 'flag')
    return (
      <label className="flex min-h-12 items-center gap-3 self-end">
        <input
          type="checkbox"
          className="size-6 shrink-0 accent-ink"
          disabled={!change}
          checked={value === true}
          onChange={(event) => change?.(path, event.target.checked ? true : undefined)}
        />
        {label}
      </label>
    )
  return (
    <Field label={worded(label, unit)} hint={field.hint || undefined} fault={fault} isBeside={isBeside}>
      {(input) => {
        if (shape.kind === 'choice' || keys)
          return <Select {...input} value={value} options={keys ?? optionsOf(shape)} onChange={change ? set : null} />
        if (shape.kind === 'text' && (shape.isFormula || shape.mayBeNumber))
          return (
            <FormulaInput
              {...input}
              className={classes(input.className, 'font-mono text-label')}
              spellCheck={false}
              readOnly={!change}
              names={names}
              value={textOf(value)}
              onChange={(text) => set(typed(text, shape.mayBeNumber))}
            />
          )
        const isLong = shape.kind === 'text' && shape.isLong
        const Tag = isLong ? 'textarea' : 'input'
        return (
          <Tag
            {...input}
            {...(isLong ? { rows: 2 } : {})}
            className={classes(input.className, isLong && 'py-2')}
            spellCheck={isLong}
            readOnly={!change}
            value={textOf(value)}
            onChange={(event) => set(typed(event.target.value, shape.kind === 'number'))}
          />
        )
      }}
    </Field>
  )
}

type SelectProps = {
  id: string
  className: string
  value: Json | undefined
  options: Option[]
  onChange: ((value: string | number) => void) | null
}

function Select({ value, options, onChange, ...select }: SelectProps) {
  const unit = useUnit()
  const known = options.some((option) => option.value === value)
  return (
    <select
      {...select}
      disabled={!onChange}
      value={textOf(value)}
      onChange={(event) => {
        const option = options.find((one) => String(one.value) === event.target.value)
        if (option) onChange?.(option.value)
      }}
    >
      {!known && <option value={textOf(value)}>{textOf(value) || 'choose'}</option>}
      {options.map((option) => (
        <option key={option.value} value={option.value}>
          {word(option.name, unit)}
        </option>
      ))}
    </select>
  )
}

type ChipsProps = {
  title: string
  path: Path
  options: Option[]
  /** Otherwise nothing is said where nothing is chosen. */
  isNeeded: boolean
}

/** Any number of a few things. */
export function Chips({ title, path, options, isNeeded }: ChipsProps) {
  const { json, change, problems } = useForm()
  const unit = useUnit()
  const there = at(json, path)
  const chosen = Array.isArray(there) ? there : []
  const fault = faultAt(problems, path)
  const flip = (value: string | number) => {
    const next = chosen.includes(value) ? chosen.filter((one) => one !== value) : [...chosen, value]
    change?.(path, next.length === 0 && !isNeeded ? undefined : next)
  }
  return (
    <fieldset className="col-span-full grid gap-1">
      <legend className="text-label text-mute">{worded(title, unit)}</legend>
      <div className="flex flex-wrap gap-2">
        {options.map(({ value, name }) => (
          <button
            key={value}
            type="button"
            disabled={!change}
            aria-pressed={chosen.includes(value)}
            onClick={() => flip(value)}
            className="min-h-11 border-2 border-line px-3 text-label hover:border-ink aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-chalk"
          >
            {word(name, unit)}
          </button>
        ))}
        {options.length === 0 && <span className="text-label text-mute">nothing to choose from yet</span>}
      </div>
      {fault && <p className="text-label font-semibold text-out">{fault}</p>}
    </fieldset>
  )
}

/** A key and what goes with it, where the keys are the sheet's own. */
export function KeyAdder({ label, keys, onAdd }: { label: string; keys: string[] | null; onAdd: (key: string) => void }) {
  const [key, setKey] = useState('')
  return (
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault()
        if (key) onAdd(key)
        setKey('')
      }}
    >
      <Field label={label}>
        {(input) =>
          keys ? (
            <select {...input} value={key} onChange={(event) => setKey(event.target.value)}>
              <option value="">choose</option>
              {keys.map((one) => (
                <option key={one} value={one}>
                  {one.includes(' ') ? one : one.replaceAll('-', ' ')}
                </option>
              ))}
            </select>
          ) : (
            <input {...input} value={key} onChange={(event) => setKey(event.target.value)} />
          )
        }
      </Field>
      <button
        type="submit"
        aria-label={`Add: ${label}`}
        disabled={!key}
        className="min-h-12 border-2 border-ink px-4 disabled:opacity-50"
      >
        Add
      </button>
    </form>
  )
}

export const optionsOf = (shape: FormField['shape']): Option[] =>
  shape.kind === 'choice' || shape.kind === 'choices'
    ? shape.options.map((value) => ({ value, name: optionName(String(value)) }))
    : []

export const textOf = (value: Json | undefined): string =>
  typeof value === 'string' || typeof value === 'number' ? String(value) : value === undefined ? '' : JSON.stringify(value)

/** A number where one may stand and one was typed; as it was typed until it is one. */
const typed = (text: string, mayBeNumber: boolean): Json => (mayBeNumber && String(Number(text)) === text ? Number(text) : text)

/** A title in the reader's words: its last words are often a layer's name. */
function worded(title: string, unit: 'mm' | 'in'): string {
  const over = /^(Over the )(.+)$/.exec(title)
  return over ? `${over[1] ?? ''}${word(over[2] ?? '', unit)}` : word(title, unit)
}
