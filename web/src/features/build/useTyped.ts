import { useState } from 'react'

/** What is being typed, kept for this tab: a reload or a change of unit does not lose it. */
export function useTyped(name: string): [string, (text: string) => void] {
  const key = `berm.typed.${name}`
  const [text, setText] = useState(() => sessionStorage.getItem(key) ?? '')
  return [
    text,
    (next) => {
      if (next === '') sessionStorage.removeItem(key)
      else sessionStorage.setItem(key, next)
      setText(next)
    },
  ]
}
