import { useEffect, useRef } from 'react'

/** A short tone and a shake, where the device has them. A browser lets a page sound once it was touched. */
export function useAlarm(): () => void {
  const sound = useRef<AudioContext | null>(null)
  useEffect(() => {
    const touched = () => {
      if (typeof AudioContext !== 'undefined') sound.current ??= new AudioContext()
    }
    window.addEventListener('pointerdown', touched, { once: true })
    return () => {
      window.removeEventListener('pointerdown', touched)
      void sound.current?.close()
      sound.current = null
    }
  }, [])
  return () => {
    // Not every browser has it.
    if ('vibrate' in navigator) navigator.vibrate([300, 150, 300])
    const context = sound.current
    if (!context) return
    const tone = context.createOscillator()
    tone.frequency.value = 880
    tone.connect(context.destination)
    tone.start()
    tone.stop(context.currentTime + 0.6)
  }
}
