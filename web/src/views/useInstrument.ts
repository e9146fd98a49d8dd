import { useState } from 'react'
import type { Instrument } from '../domain/judge'

/** The instrument in the hand stays the same from cut to cut. */
export function useInstrument(): [Instrument, (instrument: Instrument) => void] {
  const [instrument, setInstrument] = useState<Instrument>(
    () => (localStorage.getItem('berm.instrument') as Instrument | null) ?? 'steel-rule',
  )
  return [
    instrument,
    (next) => {
      localStorage.setItem('berm.instrument', next)
      setInstrument(next)
    },
  ]
}
