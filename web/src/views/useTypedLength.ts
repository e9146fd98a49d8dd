import { setTyped, useTyped } from '../engine/typed'
import { sayTyped, type Unit } from '../domain/length'
import { useUnit } from '../ui/UnitContext'

const unitOf = (name: string): string => `${name}.unit`

/** Puts a length into a field with the unit that it was typed in, whether or not the field is on the screen. */
export function setTypedLength(name: string, text: string, unit: Unit): void {
  setTyped(unitOf(name), text === '' ? '' : unit)
  setTyped(name, text)
}

/** A length that is being typed. A bare number keeps its meaning when the reader's unit is changed: it takes along the one it was typed in. */
export function useTypedLength(name: string): [string, (text: string) => void] {
  const unit = useUnit()
  const [text] = useTyped(name)
  const [typedIn] = useTyped(unitOf(name))
  const shown = text !== '' && typedIn !== '' && typedIn !== unit ? sayTyped({ typed: text.trim(), unit: typedIn as Unit }) : text
  return [shown, (next) => setTypedLength(name, next, unit)]
}
