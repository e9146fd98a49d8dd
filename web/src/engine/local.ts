import { useSyncExternalStore } from 'react'

/** A value kept in this browser: it survives a closed page, and other tabs hear of a change. */
export class Kept<T> {
  #listeners = new Set<() => void>()
  #value: T

  constructor(
    private readonly name: string,
    private readonly empty: T,
  ) {
    this.#value = this.#load() ?? empty
    window.addEventListener('storage', (event) => {
      if (event.key === name) this.#take(this.#load() ?? empty)
    })
  }

  get value(): T {
    return this.#value
  }

  set(value: T): void {
    localStorage.setItem(this.name, JSON.stringify(value))
    this.#take(value)
  }

  subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener)
    return () => this.#listeners.delete(listener)
  }

  #take(value: T): void {
    this.#value = value
    for (const listener of this.#listeners) listener()
  }

  #load(): T | null {
    try {
      return JSON.parse(localStorage.getItem(this.name) ?? 'null') as T | null
    } catch {
      return this.empty
    }
  }
}

export function useKept<T>(kept: Kept<T>): T {
  return useSyncExternalStore(kept.subscribe, () => kept.value)
}
