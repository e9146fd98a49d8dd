import { useMemo } from 'react'
import type { Job } from '../api/types'
import { hasThreeCores } from '../drawing/section/state'
import { SectionDrawing } from '../drawing/section/SectionDrawing'
import { withWalls } from '../drawing/section/walls'
import { useWidth } from '../drawing/useWidth'
import { useUnit } from '../ui/UnitContext'

type Props = {
  section: NonNullable<Job['section']>
  title: string
  lit?: string | null
  height?: number
  /** From 0: as it lies after that stage; null: as it is at the end. */
  stage?: number | null
}

/** A section in a page that is about something else: as it lies, whole, at the width that there is. */
export function SectionFigure({ section: known, title, lit = null, height = 130, stage = null }: Props) {
  const unit = useUnit()
  const [ref, width] = useWidth<HTMLDivElement>(600)
  const section = useMemo(() => withWalls(known), [known])
  // Cores from outside take room of their own.
  const tall = hasThreeCores(section) ? height + 70 : height
  const sized = useMemo(() => ({ stage, unit, width, height: tall, range: null }), [stage, unit, width, tall])
  return (
    <div ref={ref} className="min-w-0 overflow-hidden">
      {width > 0 && <SectionDrawing {...sized} section={section} lit={lit} bracket={null} title={title} />}
    </div>
  )
}
