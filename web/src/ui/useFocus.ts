import { useEffect, useRef, type RefObject } from 'react'

/** Focus goes to what comes next, never to the page as a whole. */
export function useFocus<T extends HTMLElement>(): RefObject<T | null> {
  const ref = useRef<T>(null)
  useEffect(() => ref.current?.focus({ preventScroll: true }), [])
  return ref
}
