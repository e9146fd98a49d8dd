import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { isAmong } from '../../api/checks'
import { useWrite } from '../../api/outbox'
import { jobQueries } from '../../api/jobs'
import { peopleQueries } from '../../api/people'
import { useMay } from '../../api/session'
import type { Job, LogEntry } from '../../api/types'
import { say } from '../../domain/sentence'
import { accessory } from '../../domain/words'
import { Button } from '../../ui/Button'
import { classes } from '../../ui/classes'
import { Field } from '../../ui/Field'
import { Modal } from '../../ui/Modal'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'
import { MarkTables } from '../../views/MarkTables'
import { SectionFigure } from '../../views/SectionFigure'
import { WallsUnsaid } from '../../views/WallsUnsaid'
import { useJob } from '../../views/useJob'
import { HandOver } from './HandOver'
import { Shown } from '../../views/Pictures'
import { Said } from '../../views/Said'
import { LeftOver } from './LeftOver'
import { PageHeading } from '../../views/PageHeading'
import { sayMoment } from '../../domain/moment'

/** Who did what with what, and what it measured: a page that prints, a PDF, and a file to compute it again. */
export function Record() {
  const job = useJob()
  const unit = useUnit()
  return (
    <article className="mx-auto grid w-full max-w-[74rem] grid-cols-[minmax(0,1fr)] gap-6 p-4 desk:p-8 print:p-0">
      <header className="flex flex-wrap items-end justify-between gap-4 border-b-2 border-ink pb-4">
        <div>
          <PageHeading name={job.name} of="Record" />
          <p>
            Record of a {accessory(job.function, unit)}. {say(job.completion.sentence, unit)}
          </p>
        </div>
        <div className="no-print flex flex-wrap gap-3">
          <Button onClick={() => window.print()}>Print</Button>
          <Link className="inline-flex min-h-12 items-center border-2 border-ink px-5 hover:bg-soft" to={`/jobs/${job.id}/paper`}>
            On paper
          </Link>
          <a
            className="inline-flex min-h-12 items-center border-2 border-ink px-5 hover:bg-soft"
            href={`/api/jobs/${job.id}/record.pdf?unit=${unit}`}
          >
            PDF
          </a>
          <a
            className="inline-flex min-h-12 items-center border-2 border-ink px-5 hover:bg-soft"
            href={`/api/jobs/${job.id}/record.json`}
            download={`${job.name}.job.json`}
          >
            JSON file
          </a>
        </div>
      </header>
      <Unchecked job={job} />
      <Obstacles job={job} />
      <HandOver job={job} />
      <Facts job={job} />
      {job.section && (
        <section aria-label="Section as cut" className="break-inside-avoid">
          <SectionFigure section={job.section} title={`${job.name}: section as it lies`} height={170} />
          <WallsUnsaid section={job.section} />
        </section>
      )}
      {job.markOut && <MarkTables job={job} show="readings" />}
      <LeftOver job={job} />
      <PicturesOfStages job={job} />
      <Said job={job} stage={null} />
      <Log job={job} />
    </article>
  )
}

/** Those of the job as a whole stand below, where one can be added. */
function PicturesOfStages({ job }: { job: Job }) {
  const pictures = job.pictures.filter((one) => one.stage !== '')
  return pictures.length === 0 ? null : (
    <section aria-label="Pictures of the stages" className="grid gap-2 break-inside-avoid">
      <h2 className="text-lead font-semibold">Pictures</h2>
      <Shown job={job} pictures={pictures} />
    </section>
  )
}

/** What it rests on that only its writer has looked at. */
function Unchecked({ job }: { job: Job }) {
  const crew = useQuery(peopleQueries.crew(job.id)).data
  const cables = job.ends.filter(({ cable }) => isAmong(crew?.uncheckedCables, cable)).map(({ cable }) => cable.designation)
  const sheets = [...new Set(cables), ...(crew?.uncheckedConnectors.length && job.connector ? [job.connector.name] : [])]
  return sheets.map((name) => (
    <Note key={name} tone="unproved">
      {name}: not checked by a second person.
    </Note>
  ))
}

/** What stands in the way, in the words that the list and the gates use. */
function Obstacles({ job }: { job: Job }) {
  const unit = useUnit()
  return job.obstacles.map(({ reason }) => (
    <Note key={say(reason, unit)} tone="out">
      {say(reason, unit)}
    </Note>
  ))
}

function Facts({ job }: { job: Job }) {
  const unit = useUnit()
  return (
    <dl className="grid gap-x-6 desk:grid-cols-[10rem_1fr] print:grid-cols-[8rem_1fr] print:text-label">
      {job.facts.map(({ label, value }) => (
        <div key={say(label, unit)} className="contents">
          <dt className="border-t border-line pt-2 text-mute">{say(label, unit)}</dt>
          <dd className="border-line pb-2 desk:border-t desk:pt-2 print:border-t print:pt-2">{say(value, unit)}</dd>
        </div>
      ))}
    </dl>
  )
}

function Log({ job }: { job: Job }) {
  const [withdrawing, setWithdrawing] = useState<LogEntry | null>(null)
  const may = { jointer: useMay('build'), engineer: useMay('accept-deviation'), crew: useMay('write-note') }
  const unit = useUnit()
  return (
    <section aria-label="Log">
      <h2 className="border-b-2 border-ink pb-1 text-lead font-semibold">What was written down</h2>
      {job.log.length === 0 && (
        <p className="py-3 text-mute">Nothing yet. The first entry is the confirmation that it is safe to start.</p>
      )}
      <ol>
        {job.log.map((entry) => (
          <li
            key={entry.id}
            className="grid items-center gap-x-4 border-b border-line py-1.5 desk:grid-cols-[2rem_9.5rem_9rem_1fr_auto] print:grid-cols-[1.5rem_9rem_7rem_1fr] print:py-0.5 print:text-label"
          >
            <span className="text-mute">{entry.sequence}</span>
            <span className="text-label text-mute">
              <When entry={entry} />
            </span>
            <span className="text-label">{entry.by}</span>
            <span className={classes(!entry.counts && 'text-mute line-through')}>
              {say(entry.said, unit)}
              {entry.clockSetBack && (
                <span className="text-label text-mute"> · the server’s clock was set back before this line</span>
              )}
              {entry.counts && entry.fallen && (
                <span className="text-label text-mute"> · no longer true: its part came off, or its end was cut back</span>
              )}
              {entry.counts && entry.lapsed && (
                <span className="text-label text-mute"> · written for another plan: it no longer holds</span>
              )}
            </span>
            {entry.counts && entry.withdrawer && may[entry.withdrawer] ? (
              <Button kind="link" className="no-print" onClick={() => setWithdrawing(entry)}>
                Withdraw
              </Button>
            ) : (
              <span />
            )}
          </li>
        ))}
      </ol>
      {job.log.length > 0 && <Chain job={job} />}
      <Withdraw job={job} entry={withdrawing} onClose={() => setWithdrawing(null)} />
    </section>
  )
}

/** Whether the log is as it was written, worked out anew by the server. */
function Chain({ job }: { job: Job }) {
  const chain = useQuery(jobQueries.chain(job.id, job.stamp))
  if (!chain.data)
    return (
      <p className="mt-3 text-label text-mute" role="status">
        {chain.error ? chain.error.message : 'Looking whether the log is as it was written'}
      </p>
    )
  const { unbroken, faults, lastHash, signedLines, lines } = chain.data
  return (
    <div className="mt-3">
      <Note tone={unbroken ? 'inside' : 'out'}>
        <p className="text-label">
          {unbroken ? 'The chain of entries is unbroken' : 'The chain of entries is broken: the log was changed outside Berm'}.
          Last hash {lastHash?.slice(0, 16)}.
          {unbroken && signedLines < lines && ` ${lines - signedLines} not in a signed list yet.`}
        </p>
        {faults.map((fault) => (
          <p key={fault} className="text-label font-semibold">
            {fault}
          </p>
        ))}
      </Note>
    </div>
  )
}

/** When it was done; when it was written down too, where that was later. */
function When({ entry }: { entry: LogEntry }) {
  const [done, written] = [sayMoment(entry.doneAt), sayMoment(entry.at)]
  return done === written ? done : `${done} (written ${written})`
}

function Withdraw({ job, entry, onClose }: { job: Job; entry: LogEntry | null; onClose: () => void }) {
  const write = useWrite(job.id)
  const unit = useUnit()
  const [reason, setReason] = useState('')
  const [isTried, setIsTried] = useState(false)
  return (
    <Modal title="Withdraw an entry" open={entry !== null} onClose={onClose}>
      <form
        className="grid gap-4"
        onSubmit={(event) => {
          event.preventDefault()
          setIsTried(true)
          if (!entry || !reason.trim()) return
          write({ kind: 'withdrawn', entry: entry.id, reason }, `${say(entry.said, unit)}: withdrawn`)
          setReason('')
          setIsTried(false)
          onClose()
        }}
      >
        <p>{entry && say(entry.said, unit)}. It stays in the log, struck through, and no longer counts.</p>
        <Field
          label="Why it was wrong"
          fault={isTried && !reason.trim() ? 'Give the reason: it stays in the record.' : undefined}
        >
          {(input) => (
            <input {...input} autoFocus maxLength={600} value={reason} onChange={(event) => setReason(event.target.value)} />
          )}
        </Field>
        <div className="flex gap-4">
          <Button type="submit" kind="primary">
            Withdraw it
          </Button>
          <Button onClick={onClose}>Keep it</Button>
        </div>
      </form>
    </Modal>
  )
}
