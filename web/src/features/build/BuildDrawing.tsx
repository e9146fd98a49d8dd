import { useMemo } from 'react'
import type { Job } from '../../api/types'
import { openedOn } from '../../drawing/section/opened'
import { hasThreeCores } from '../../drawing/section/state'
import { SectionFigure } from '../../views/SectionFigure'
import type { Now } from './now'
import { useLowWindow } from './useLowWindow'

/** What lies on the cable after the stage that is on, with the core that is worked on opened and the part that is at hand lit. */
export function BuildDrawing({ job, now }: { job: Job; now: Now }) {
  const low = useLowWindow()
  const section = useMemo(
    () => job.section && openedOn(job.section, job.next.core ?? job.section.atWork),
    [job.section, job.next.core],
  )
  if (!section) return null
  const at = job.stages?.findIndex((stage) => stage.key === job.next.stage) ?? -1
  const lit = now.is === 'touch' ? (now.work[0]?.part ?? null) : null
  return (
    <SectionFigure
      section={section}
      stage={at < 0 ? null : at}
      lit={lit}
      height={heightFor(low, hasThreeCores(section))}
      title={`${job.name}: section, as it lies after stage ${at + 1}`}
    />
  )
}

/** Of the bodies: the number that is asked for, and its entry, stay on the screen. */
function heightFor(low: number | null, isThree: boolean): number {
  if (low === null) return 150
  if (low < 200) return isThree ? 20 : 50
  return isThree ? 40 : 100
}
