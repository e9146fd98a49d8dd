import { useSyncExternalStore } from 'react'

/** As the style sheet has it: --breakpoint-desk. */
const desk = () => window.matchMedia('(min-width: 56rem)')

/** Whether there is room for two columns. */
export const useIsDesk = (): boolean =>
  useSyncExternalStore(
    (listener) => {
      const query = desk()
      query.addEventListener('change', listener)
      return () => query.removeEventListener('change', listener)
    },
    () => desk().matches,
  )
