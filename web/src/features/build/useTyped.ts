import { useSyncExternalStore } from 'react'

const listeners = new Set<() => void>()
const keyOf = (name: string) => `berm.typed.${name}`

/** Puts a text into a field, whether or not it is on the screen: an entry that was refused is changed there. */
export function setTyped(name: string, text: string): void {
  if (text === '') sessionStorage.removeItem(keyOf(name))
  else sessionStorage.setItem(keyOf(name), text)
  for (const listener of listeners) listener()
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

/** What is being typed, kept for this tab: a reload or a change of unit does not lose it. */
export function useTyped(name: string): [string, (text: string) => void] {
  const text = useSyncExternalStore(subscribe, () => sessionStorage.getItem(keyOf(name)) ?? '')
  return [text, (next) => setTyped(name, next)]
}
