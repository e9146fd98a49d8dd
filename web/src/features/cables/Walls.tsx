import { X } from 'lucide-react'
import { useChangePlan, useDraft } from '../../api/plan'
import type { End, Job } from '../../api/types'
import { inUnit, sayFine, sayTyped } from '../../domain/length'
import { say } from '../../domain/sentence'
import { capital } from '../../domain/words'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'
import { LengthEntry } from '../../views/LengthEntry'
import { endOf, withoutWall, withWall } from './edit'

const TONES = { fits: 'inside', 'fits-unproved': 'unproved', 'cannot-tell': 'unproved', 'does-not-fit': 'out' } as const

/** The insulation's thickness round one section of a piece cut off: its thinnest point, and how far the conductor is off the middle. */
export function Walls({ job, end, mayPlan }: { job: Job; end: End; mayPlan: boolean }) {
  const unit = useUnit()
  const change = useChangePlan(job)
  const walls = endOf(useDraft(job), end).walls ?? []
  const wall = job.ends.find((one) => one.end === end)?.wall
  const findings = job.fit.cables.findings.filter(
    (finding) => finding.end === end && ['insulation-wall', 'eccentricity'].includes(finding.criterion),
  )
  return (
    <section aria-label="Thickness of the insulation" className="grid gap-3 border-t-2 border-ink pt-3">
      <p className="font-semibold">
        Insulation, thickness round one section{' '}
        {wall && (
          <span className="font-normal text-mute">
            {sayFine(wall.leastMm, unit)} to {sayFine(wall.greatestMm, unit)}
          </span>
        )}
      </p>
      {mayPlan && (
        <LengthEntry
          name={`${job.id}.${end}.wall`}
          label={`By caliper, end ${end}, ${inUnit(unit)}`}
          action="Add thickness"
          instrument="caliper"
          onAdd={(reading) => change((now) => withWall(now, end, reading))}
        />
      )}
      {walls.length > 0 && (
        <ul className="flex flex-wrap gap-2" aria-label="Thicknesses">
          {walls.map((reading, i) => (
            <li key={`${i}${reading.typed}`} className="inline-flex items-center border border-line pl-2 text-label">
              {sayTyped(reading)}
              {mayPlan && (
                <button
                  type="button"
                  className="grid size-7 place-items-center hover:text-out"
                  aria-label={`Take out the thickness ${sayTyped(reading)}`}
                  onClick={() => change((now) => withoutWall(now, end, i))}
                >
                  <X size={15} aria-hidden />
                </button>
              )}
            </li>
          ))}
        </ul>
      )}
      {findings.map((finding) => (
        <Note key={finding.criterion} tone={TONES[finding.outcome]} title={capital(say(finding.label, unit))}>
          {say(finding.reason, unit)}
        </Note>
      ))}
    </section>
  )
}
