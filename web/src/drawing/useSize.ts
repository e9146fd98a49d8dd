import { useEffect, useRef, useState, type RefObject } from 'react'

/** The size an element really has. */
export function useSize<T extends HTMLElement>(): [RefObject<T | null>, { width: number; height: number }] {
  const ref = useRef<T>(null)
  const [size, setSize] = useState({ width: 0, height: 0 })
  useEffect(() => {
    if (!ref.current) return
    const observer = new ResizeObserver(
      ([entry]) => entry && setSize({ width: Math.round(entry.contentRect.width), height: Math.round(entry.contentRect.height) }),
    )
    observer.observe(ref.current)
    return () => observer.disconnect()
  }, [])
  return [ref, size]
}
