import { useSyncExternalStore } from 'react'

/** A value kept in this browser until the server has it: it survives a closed page. */
export class Kept<T> {
  #listeners = new Set<() => void>()
  #value: T

  constructor(
    private readonly name: string,
    empty: T,
  ) {
    this.#value = this.#load() ?? empty
  }

  get value(): T {
    return this.#value
  }

  set(value: T): void {
    this.#value = value
    localStorage.setItem(this.name, JSON.stringify(value))
    for (const listener of this.#listeners) listener()
  }

  subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener)
    return () => this.#listeners.delete(listener)
  }

  #load(): T | null {
    try {
      return JSON.parse(localStorage.getItem(this.name) ?? 'null') as T | null
    } catch {
      return null
    }
  }
}

export function useKept<T>(kept: Kept<T>): T {
  return useSyncExternalStore(kept.subscribe, () => kept.value)
}
