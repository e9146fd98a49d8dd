import { useEffect, useState } from 'react'

const roomIn = (height: number): number | null => (height < 700 ? 190 : height < 860 ? 330 : null)

/** How high the drawing may be, so that the number and its entry stay on the screen; null: as high as it is. */
export function useLowWindow(): number | null {
  const [room, setRoom] = useState(() => roomIn(window.innerHeight))
  useEffect(() => {
    const look = () => setRoom(roomIn(window.innerHeight))
    window.addEventListener('resize', look)
    return () => window.removeEventListener('resize', look)
  }, [])
  return room
}
