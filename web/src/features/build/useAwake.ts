import { useEffect, useState } from 'react'

/** Keeps the screen on while clocks run; false where the device does not let it. */
export function useAwake(): boolean {
  const [isAwake, setIsAwake] = useState(false)
  useEffect(() => {
    let lock: WakeLockSentinel | null = null
    let isOver = false
    const ask = async () => {
      if (!('wakeLock' in navigator) || document.visibilityState !== 'visible') return
      try {
        const given = await navigator.wakeLock.request('screen')
        if (isOver) return void given.release()
        lock = given
        setIsAwake(true)
        // The system takes it back when the page is hidden, or when there is little power.
        given.addEventListener('release', () => setIsAwake(false))
      } catch {
        setIsAwake(false)
      }
    }
    const again = () => void ask()
    again()
    document.addEventListener('visibilitychange', again)
    return () => {
      isOver = true
      document.removeEventListener('visibilitychange', again)
      void lock?.release()
    }
  }, [])
  return isAwake
}
