import { useEffect, useState } from 'react'

/** Counts up once the fonts of the drawing are there: before that, texts are measured in others. */
export function useFonts(): number {
  const [round, setRound] = useState(0)
  useEffect(() => {
    let isGone = false
    const { fonts } = document as { fonts?: FontFaceSet }
    void fonts?.load(`14px ${getComputedStyle(document.body).fontFamily}`, 'Aa0½').then(() => {
      if (!isGone) setRound(1)
    })
    return () => {
      isGone = true
    }
  }, [])
  return round
}
