import { createContext, use, useState, type ReactNode } from 'react'
import type { Unit } from '../domain/length'

type Units = { unit: Unit; setUnit: (unit: Unit) => void }

const UnitContext = createContext<Units>({ unit: 'mm', setUnit: () => undefined })

/** What the reader reads in; kept per name, so that each job opens as it was left. */
export function UnitProvider({ name, initial, children }: { name: string; initial: Unit; children: ReactNode }) {
  const key = `berm.unit.${name}`
  const [chosen, setChosen] = useState<Unit | null>(() => (localStorage.getItem(key) as Unit | null) ?? null)
  const setUnit = (unit: Unit) => {
    localStorage.setItem(key, unit)
    setChosen(unit)
  }
  return <UnitContext value={{ unit: chosen ?? initial, setUnit }}>{children}</UnitContext>
}

export const useUnits = (): Units => use(UnitContext)
export const useUnit = (): Unit => use(UnitContext).unit
