import { useState } from 'react'
import { Link } from 'react-router'
import { useUnjudged, useWrite } from '../../api/outbox'
import { useMay } from '../../api/session'
import type { Job, Stage } from '../../api/types'
import { asServerTime } from '../../engine/clock'
import { useTypedForm } from '../../engine/typed'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'
import { InstrumentField } from '../../views/InstrumentField'
import { useInstrument } from '../../views/useInstrument'
import { useJob } from '../../views/useJob'
import { WhoMay } from '../../views/WhoMay'
import { sheetOf, type SheetRow } from './sheetRows'
import { stageNow } from './StageHead'
import { Unsent } from './Unsent'

type Typed = { day: string; rows: Record<string, { text: string; at: string }> }

const EMPTY: Typed = { day: '', rows: {} }
const today = (): string => new Date().toLocaleDateString('sv')

/** What was ticked and read on the printed stage sheet, typed in as done then. */
export function StageSheet() {
  const job = useJob()
  const mayBuild = useMay('build')
  const stage = stageNow(job)
  return (
    <article className="mx-auto grid w-full max-w-[74rem] grid-cols-[minmax(0,1fr)] content-start gap-5 p-4 desk:p-8">
      <header className="grid gap-2">
        <title>{`From the stage sheet · ${job.name} · Berm`}</title>
        <h1 className="text-lead font-bold">From the stage sheet</h1>
        <p>
          Type in what stands on the sheet, from the top, with the time that stands beside it; where none does it is the time
          above. The first line that is empty ends it: the rest stays here.
        </p>
      </header>
      <Unsent job={job} />
      <WhoMay right="build" deed="types the sheet in" />
      {mayBuild && stage && !job.completion.done && <StageRows key={stage.key} job={job} stage={stage} />}
      {(!stage || job.completion.done) && <p>{job.completion.done ? 'All of it is done.' : 'No stage is at work.'}</p>}
      <Link to={`/jobs/${job.id}/build`} className="inline-flex min-h-11 items-center text-plan underline underline-offset-4">
        Back to the build
      </Link>
    </article>
  )
}

function StageRows({ job, stage }: { job: Job; stage: Stage }) {
  const unit = useUnit()
  const { rows, then } = sheetOf(job, stage, useUnjudged(job.id), unit)
  const [typed, setTyped] = useTypedForm(`${job.id}.sheet.${stage.key}`, EMPTY)
  const [instrument, setInstrument] = useInstrument()
  const [faults, setFaults] = useState<Record<string, string>>({})
  const write = useWrite(job.id)
  const of = (row: SheetRow) => typed.rows[row.key] ?? { text: '', at: '' }
  const day = typed.day || today()
  const set = (row: SheetRow, part: Partial<{ text: string; at: string }>) =>
    setTyped({ ...typed, rows: { ...typed.rows, [row.key]: { ...of(row), ...part } } })
  const writeAll = () => {
    const { made, faults: found } = filled(rows, of, { unit, instrument })
    setFaults(found)
    if (Object.keys(found).length > 0) return
    for (const { event, said, at } of made) write(event, said, asServerTime(`${day}T${at}`))
    const written = new Set(made.map(({ key }) => key))
    setTyped({ day, rows: Object.fromEntries(Object.entries(typed.rows).filter(([key]) => !written.has(key))) })
  }
  const number = (job.stages?.indexOf(stage) ?? 0) + 1
  return (
    <form
      className="grid grid-cols-[minmax(0,1fr)] gap-4"
      onSubmit={(event) => {
        event.preventDefault()
        writeAll()
      }}
    >
      <h2 className="border-t-2 border-ink pt-3 text-lead font-semibold">
        {number}. {stage.title}
      </h2>
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-[14rem_14rem]">
        <Field label="Day">
          {(input) => (
            <input {...input} type="date" value={day} onChange={({ target }) => setTyped({ ...typed, day: target.value })} />
          )}
        </Field>
        <InstrumentField instrument={instrument} onChange={setInstrument} />
      </div>
      <p aria-hidden className={`text-label text-mute max-sm:hidden ${LINE}`}>
        <span>what was done or asked</span>
        <span>read, {unit}</span>
        <span>at</span>
      </p>
      <ol className="border-t border-line">
        {rows.map((row) => (
          <Line key={row.key} row={row} value={of(row)} fault={faults[row.key]} onChange={(part) => set(row, part)} />
        ))}
      </ol>
      {then !== null && (
        <Note title="Then, in the build">{then}: it is answered there by itself. What follows comes here after it.</Note>
      )}
      {rows.length > 0 && (
        <Button type="submit" kind="primary" className="justify-self-start">
          Write it down as done then
        </Button>
      )}
    </form>
  )
}

type LineProps = {
  row: SheetRow
  value: { text: string; at: string }
  fault: string | undefined
  onChange: (part: Partial<{ text: string; at: string }>) => void
}

const LINE = 'grid gap-x-4 grid-cols-[minmax(0,1fr)_8.5rem] sm:grid-cols-[minmax(0,1fr)_10rem_8.5rem]'

/** A line of the sheet: what was done or asked, its limits, what was read, and when. */
function Line({ row, value, fault, onChange }: LineProps) {
  return (
    <li className={`items-center gap-y-1 border-b border-line py-2 ${LINE}`}>
      <p className="max-sm:col-span-2">
        {row.name}
        {row.limits && <span className="block text-label text-mute">{row.limits}</span>}
        {fault && (
          <span role="alert" className="block font-semibold text-out">
            {fault}
          </span>
        )}
      </p>
      {row.isTick ? (
        <label className="flex min-h-12 items-center gap-3">
          <input
            type="checkbox"
            className="size-6 accent-ink"
            aria-label={row.name}
            checked={value.text !== ''}
            onChange={({ target }) => onChange({ text: target.checked ? 'yes' : '' })}
          />
          <span className="text-label text-mute">so</span>
        </label>
      ) : (
        <input
          className="min-h-12 w-full border-2 border-ink bg-white px-3 aria-invalid:border-out"
          aria-label={row.name}
          aria-invalid={fault ? true : undefined}
          autoComplete="off"
          maxLength={120}
          value={value.text}
          onChange={({ target }) => onChange({ text: target.value })}
        />
      )}
      <input
        type="time"
        className="min-h-12 w-full border-2 border-line bg-white px-2"
        aria-label={`Time of: ${row.name}`}
        value={value.at}
        onChange={({ target }) => onChange({ at: target.value })}
      />
    </li>
  )
}

type Filled = { key: string; event: Parameters<ReturnType<typeof useWrite>>[0]; said: string; at: string }

/** From the top to the first line that is empty, or to what is out: that is put right before anything follows. */
export function filled(
  rows: SheetRow[],
  of: (row: SheetRow) => { text: string; at: string },
  by: Parameters<SheetRow['read']>[1],
): { made: Filled[]; faults: Record<string, string> } {
  const made: Filled[] = []
  const faults: Record<string, string> = {}
  let at = ''
  for (const row of rows) {
    const line = of(row)
    if (line.text.trim() === '') break
    at = line.at || at
    const read = row.read(line.text, by)
    if ('fault' in read) faults[row.key] = read.fault
    else if (at === '') faults[row.key] = 'Say when: the time that stands on the sheet.'
    else made.push({ key: row.key, ...read.made, at })
    if ('isOut' in read && read.isOut) break
  }
  const [first] = rows
  if (first && of(first).text.trim() === '') faults[first.key] = 'Begin here: what comes after it is written down after it.'
  return { made, faults }
}
