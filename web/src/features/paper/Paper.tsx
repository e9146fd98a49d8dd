import { useState, type ReactNode } from 'react'
import { Link } from 'react-router'
import type { Datum, End, Job } from '../../api/types'
import { Field } from '../../ui/Field'
import { Note } from '../../ui/Note'
import { Toggle } from '../../ui/Toggle'
import { useUnit } from '../../ui/UnitContext'
import { say } from '../../domain/sentence'
import { datumName } from '../../views/cuts'
import { PageHeading } from '../../views/PageHeading'
import { useJob } from '../../views/useJob'

type Size = 'a4' | 'letter'
type Asked = { paper: Size; end: End | ''; from: Datum; plain: number; first: number; copies: number }

const LABELS: Record<Size, number> = { a4: 24, letter: 30 }

/** Where no screen goes: what is printed of a job, and how. */
export function Paper() {
  const job = useJob()
  const unit = useUnit()
  const [asked, setAsked] = useState<Asked>({
    ...{ paper: unit === 'in' ? 'letter' : 'a4', end: '', from: 'cable-end', plain: 160, first: 1, copies: 1 },
  })
  const set = (part: Partial<Asked>) => setAsked((now) => ({ ...now, ...part }))
  const stop = job.obstacles[0]
  return (
    <article className="mx-auto grid w-full max-w-[74rem] grid-cols-[minmax(0,1fr)] content-start gap-6 p-4 desk:p-8">
      <header className="grid gap-3">
        <PageHeading name={job.name} of="On paper" />
        <p>On paper, made by the server: print or save them before you go where there is no signal. Print at 100 %.</p>
        {stop && (
          <Note tone="out" title="They are marked “do not cut by this”">
            {say(stop.reason, unit)}
          </Note>
        )}
        <div className="flex flex-wrap gap-x-6 gap-y-3">
          <Choice name="Sheet">
            <Toggle
              label="Sheet"
              value={asked.paper}
              onChange={(paper) => set({ paper, first: Math.min(asked.first, LABELS[paper]) })}
              options={[
                { value: 'a4', label: 'A4' },
                { value: 'letter', label: 'Letter' },
              ]}
            />
          </Choice>
          {job.function === 'joint' && (
            <Choice name="Of">
              <Toggle
                label="Of"
                value={asked.end}
                onChange={(end) => set({ end })}
                options={[
                  { value: '', label: 'Both ends' },
                  { value: 'A', label: 'End A' },
                  { value: 'B', label: 'End B' },
                ]}
              />
            </Choice>
          )}
        </div>
      </header>
      <Papers job={job} asked={asked} set={set} />
    </article>
  )
}

type PapersProps = { job: Job; asked: Asked; set: (part: Partial<Asked>) => void }

function Papers({ job, asked, set }: PapersProps) {
  const unit = useUnit()
  const { paper, end, from, plain, first, copies } = asked
  const of = (kind: string, more: Record<string, string | number>) => {
    const said = Object.entries<string | number>({ unit, paper, ...more }).filter(([, value]) => value !== '')
    return `/api/jobs/${job.id}/${kind}.pdf?${new URLSearchParams(said.map(([key, value]) => [key, String(value)])).toString()}`
  }
  return (
    <ul className="grid gap-x-10 gap-y-8 desk:grid-cols-2">
      <Printed
        title="Mark-out card"
        href={of('card', { end, from })}
        does="Every mark of an end in the order of cutting, large, with its window, tool and depth, and room to write what was measured; both ends on one sheet where they are cut alike and it has room. Behind it what lies where, and what there is no way back from."
      >
        {job.markOut && (
          <Choice name="Measured from">
            <Toggle
              label="Measured from"
              value={from}
              onChange={(value) => set({ from: value })}
              options={job.markOut.datums.map((value) => ({ value, label: datumName(value, unit) }))}
            />
          </Choice>
        )}
      </Printed>
      <Printed
        title="Strip at true size"
        href={of('template', { end, plain })}
        does="To lay along the cable or wrap round it. Measure the line on each sheet first: a printer that scales spoils it."
      >
        <Choice name="Long plain stretches">
          <Toggle
            label="Long plain stretches"
            value={plain === 0 ? 'whole' : 'out'}
            onChange={(value) => set({ plain: value === 'whole' ? 0 : 160 })}
            options={[
              { value: 'out', label: 'Left out, measured' },
              { value: 'whole', label: 'All of it' },
            ]}
          />
        </Choice>
      </Printed>
      <Printed
        title="Stage sheet"
        href={of('stages', {})}
        does="Every step to tick and every reading to write down with its limits, for where no device may go. Type it in afterwards, with the time at which it was done."
      >
        <Link
          to={`/jobs/${job.id}/build/sheet`}
          className="inline-flex min-h-11 items-center justify-self-start text-plan underline underline-offset-4"
        >
          Type in what stands on it
        </Link>
      </Printed>
      <Printed
        title="Labels"
        href={of('labels', { first, copies })}
        does="For the finished accessory: its name, kit, batch and day, with the code that opens its record."
      >
        <div className="flex flex-wrap gap-4">
          <Count label="First free place" most={LABELS[paper]} value={first} onChange={(value) => set({ first: value })} />
          <Count label="How many" most={60} value={copies} onChange={(value) => set({ copies: value })} />
        </div>
      </Printed>
      <Printed
        title="Record"
        href={of('record', {})}
        does="What was let stand, every cut and check with its verdict, the section as it lies, pictures, and the log."
      />
    </ul>
  )
}

type PrintedProps = { title: string; does: string; href: string; children?: ReactNode }

function Printed({ title, does, href, children }: PrintedProps) {
  return (
    <li className="grid content-start gap-3 border-t-2 border-ink pt-3">
      <h2 className="text-lead font-bold">{title}</h2>
      <p>{does}</p>
      {children}
      <Link
        to={href}
        reloadDocument
        target="_blank"
        className="inline-flex min-h-12 items-center justify-self-start bg-ink px-5 font-semibold text-chalk"
      >
        {title}, PDF
      </Link>
    </li>
  )
}

function Choice({ name, children }: { name: string; children: ReactNode }) {
  return (
    <div className="grid justify-items-start gap-1">
      <span className="text-label text-mute" aria-hidden>
        {name}
      </span>
      {children}
    </div>
  )
}

type CountProps = { label: string; most: number; value: number; onChange: (value: number) => void }

/** A whole number; what is none stays typed, and the last good one holds. */
function Count({ label, most, value, onChange }: CountProps) {
  const [typed, setTyped] = useState(String(value))
  const isOne = (text: string) => /^\d{1,2}$/.test(text) && Number(text) >= 1 && Number(text) <= most
  return (
    <Field label={label} fault={isOne(typed) ? undefined : `A whole number from 1 to ${most}. Until then it is ${value}.`}>
      {(input) => (
        <input
          {...input}
          inputMode="numeric"
          value={typed}
          onChange={({ target }) => {
            setTyped(target.value)
            if (isOne(target.value)) onChange(Number(target.value))
          }}
        />
      )}
    </Field>
  )
}
