import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import type { Ahead, Job, Mark } from '../../api/types'
import { aheadQuery, waysStamp } from '../../api/ways'
import { inUnit, readLength, sayFault, sayFine, type Unit } from '../../domain/length'
import { say } from '../../domain/sentence'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { useUnit } from '../../ui/UnitContext'
import { onCore } from '../../views/cuts'
import { inMm, OnTheBench } from '../../views/OnTheBench'

/** Before the blade: what comes of it where this cut is made past its mark, or short of it. */
export function LookAhead({ job, mark }: { job: Job; mark: Mark }) {
  return (
    <details>
      <summary className="min-h-11 text-plan underline underline-offset-4">What if I cut this too long?</summary>
      <Asked key={`${mark.end}${mark.cut}${mark.core ?? ''}`} job={job} mark={mark} />
    </details>
  )
}

function Asked({ job, mark }: { job: Job; mark: Mark }) {
  const unit = useUnit()
  const [text, setText] = useState('')
  const [by, setBy] = useState<string | null>(null)
  const [isTried, setIsTried] = useState(false)
  const [, sign = '', length = ''] = /^([-−]?)(.*)$/s.exec(text.trim()) ?? []
  const fault = readLength(length.trim(), unit).fault
  return (
    <div className="grid gap-2">
      <form
        className="flex flex-wrap items-start gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          setIsTried(true)
          if (!fault) setBy(`${sign === '' ? '' : '-'}${length.trim()} ${unit}`)
        }}
      >
        <Field
          label={`Past its mark, ${inUnit(unit)}; short of it with −`}
          fault={isTried && fault ? sayFault(fault) : undefined}
        >
          {(input) => <input {...input} inputMode="text" value={text} onChange={({ target }) => setText(target.value)} />}
        </Field>
        <Button type="submit" className="mt-6">
          Look
        </Button>
      </form>
      {by !== null && <Answer job={job} mark={mark} by={by} unit={unit} />}
    </div>
  )
}

function Answer({ job, mark, by, unit }: { job: Job; mark: Mark; by: string; unit: Unit }) {
  const place = { end: mark.end, cut: mark.cut, ...onCore(mark.core) }
  const asked = useQuery(aheadQuery(job.id, place, by, waysStamp(job)))
  if (asked.isPending) return <p role="status">Working it out …</p>
  if (!asked.data) return <p role="alert">{asked.error.message}</p>
  const { data } = asked
  const slack = job.draft.ends[mark.end]?.slack
  const strip = job.markOut?.marks.find((one) => one.end === mark.end && one.cut === 'insulation')
  return (
    <div role="status" className="grid gap-1 border-l-4 border-plan pl-3">
      <p className="font-semibold">
        {sayFine(data.atMm, unit)}: {data.verdict === 'out' ? `out by ${sayFine(Math.abs(data.marginMm), unit)}` : 'inside'}
      </p>
      <p>{sayLimit(data, unit)}</p>
      <ul className="text-label">
        {data.shifts.map((shift, i) => (
          <li key={i} className="border-t border-line py-1">
            <span className={shift.holds ? '' : 'font-semibold text-out'}>{say(shift.rule, unit)}</span> To spare at the worst:{' '}
            {sayFine(shift.plannedMm, unit)} → <span className="font-semibold">{sayFine(shift.thenMm, unit)}</span>
          </li>
        ))}
      </ul>
      <p>{sayTimes(data.times, mark.end)}</p>
      <OnTheBench
        tool="slack"
        name="slack left"
        given={{ slack: slack ? `${slack.typed} ${slack.unit}` : null, used: '0 mm', each: inMm(strip?.from['cable-end']?.atMm) }}
      />
    </div>
  )
}

function sayLimit({ mostMm, first, byMm }: Ahead, unit: Unit): string {
  const way = byMm < 0 ? 'short of' : 'past'
  if (mostMm === null || !first) return `No rule breaks, as far as Berm looks ${way} the mark.`
  return `Every rule holds, or most likely will, as far as ${sayFine(mostMm, unit)} ${way} the mark. Then this goes first: ${say(first, unit)}`
}

function sayTimes(times: number | null, end: string): string {
  if (times === null) return `How often end ${end} can be cut back nobody knows: its slack is not measured.`
  return times === 0
    ? `There is no slack to cut end ${end} back for another connector.`
    : `End ${end} can be cut back for another connector ${times === 1 ? 'once more' : `${times} more times`}.`
}
