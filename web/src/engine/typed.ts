import { useMemo, useSyncExternalStore } from 'react'

const PREFIX = 'berm.typed.'
const listeners = new Set<() => void>()

/** Puts a text into a field, whether or not it is on the screen: an entry that was refused is changed there. */
export function setTyped(name: string, text: string): void {
  if (text === '') sessionStorage.removeItem(PREFIX + name)
  else sessionStorage.setItem(PREFIX + name, text)
  for (const listener of listeners) listener()
}

/** Nothing that one person typed is there for the next. */
export function forgetTyped(): void {
  for (const key of Object.keys(sessionStorage)) if (key.startsWith(PREFIX)) sessionStorage.removeItem(key)
  for (const listener of listeners) listener()
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

/** What is being typed, kept for this tab: a reload or a change of unit does not lose it. */
export function useTyped(name: string): [string, (text: string) => void] {
  const text = useSyncExternalStore(subscribe, () => sessionStorage.getItem(PREFIX + name) ?? '')
  return [text, (next) => setTyped(name, next)]
}

/** The same of a whole form; null clears it. */
export function useTypedForm<T extends object>(name: string, empty: T): [T, (next: T | null) => void] {
  const [text, setText] = useTyped(name)
  const form = useMemo(() => (text === '' ? empty : (JSON.parse(text) as T)), [text, empty])
  return [form, (next) => setText(next === null ? '' : JSON.stringify(next))]
}
