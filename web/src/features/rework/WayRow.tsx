import type { Job, Way } from '../../api/types'
import type { Unit } from '../../domain/length'
import { say } from '../../domain/sentence'
import { finishOf, sayCable, sayClock, sayMinutes, sayParts } from './costs'
import { WaySection, type Scale } from './WaySection'

type RowProps = {
  job: Job
  way: Way
  number: number
  isPicked: boolean
  onPick: () => void
  unit: Unit
  scale: Scale
  planned: number[]
  now: number
}

/** A way that is one: what is done, how it then lies, and what it costs. The whole row is the target. */
export function WayRow({ job, way, number, isPicked, onPick, unit, scale, planned, now }: RowProps) {
  const finish = finishOf(way, now, job.draft.outageEnds ?? null)
  const title = say(way.title, unit)
  return (
    <li className={`border-b border-line ${isPicked ? 'bg-soft' : ''} max-desk:w-full max-desk:shrink-0 max-desk:snap-start`}>
      <button
        type="button"
        aria-pressed={isPicked}
        onClick={onPick}
        className={`grid w-full gap-x-4 gap-y-2 px-6 py-2 text-left desk:grid-cols-[1.5rem_23rem_minmax(0,1fr)_4.5rem_8rem_2rem_5rem] desk:items-center max-desk:grid-cols-[1.5rem_minmax(0,1fr)] max-desk:px-4 ${isPicked ? 'shadow-[inset_6px_0_0_var(--color-ink)]' : ''}`}
      >
        <span className="text-lead font-semibold">{number}</span>
        <span>
          <span className="block text-lead font-semibold">{title}</span>
          <span className="block text-label">{say(way.does, unit)}</span>
          {way.by === 'engineer' && <span className="block text-label font-semibold text-unproved">An engineer’s to choose</span>}
        </span>
        <span className="max-desk:col-span-2">
          {way.lies && (
            <WaySection lies={way.lies} scale={scale} planned={planned} again={way.again} label={`Section: ${title}`} />
          )}
        </span>
        <Cost name="cable" value={sayCable(way, unit)} />
        <Cost name="parts" value={sayParts(way, job.function)} isText />
        <Cost name="min" value={sayMinutes(way.cost.workSeconds)} />
        <span className="text-label max-desk:col-span-2 max-desk:flex max-desk:justify-between max-desk:border-t max-desk:border-line max-desk:pt-1">
          <span className="desk:hidden text-mute">all done</span>
          {finish ? (
            <span className={finish.isLate ? 'font-semibold text-unproved' : ''}>
              {sayClock(finish.at)}
              {finish.isLate && ' late'}
            </span>
          ) : (
            <span className="text-mute">–</span>
          )}
        </span>
      </button>
    </li>
  )
}

function Cost({ name, value, isText = false }: { name: string; value: string; isText?: boolean }) {
  return (
    <span
      className={`max-desk:col-span-2 max-desk:flex max-desk:justify-between max-desk:gap-4 max-desk:border-t max-desk:border-line max-desk:pt-1 ${isText ? 'text-label max-desk:text-right' : 'desk:text-right'}`}
    >
      <span className="text-label text-mute desk:hidden">{name}</span>
      <span className={isText || value === 'none' ? '' : 'font-semibold'}>{value}</span>
    </span>
  )
}
