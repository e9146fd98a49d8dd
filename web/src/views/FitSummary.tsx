import type { ReactNode } from 'react'
import { Link } from 'react-router'
import type { FitReport } from '../api/types'
import { sayFine } from '../domain/length'
import { say } from '../domain/sentence'
import { useUnit } from '../ui/UnitContext'
import { FindingTable } from './FindingTable'
import { OutcomeWord } from './Verdict'

type FitSummaryProps = {
  title: string | null
  empty: string
  report: FitReport | null
  next: { to: string; label: string }
  children?: ReactNode
}

/** What was chosen, whether it fits, where it is tightest, and every criterion. */
export function FitSummary({ title, empty, report, next, children }: FitSummaryProps) {
  const unit = useUnit()
  if (!title || !report) return <p className="self-start border-t-2 border-ink pt-3 text-mute desk:mt-14">{empty}</p>
  const thinnest = report.thinnest
  // Where only the next choice is wanting, the way leads on to it.
  const stopping = report.findings.filter(({ stops, outcome }) => stops && outcome !== 'fits' && outcome !== 'fits-unproved')
  const lets = stopping.every(({ criterion, outcome }) => criterion === 'planned' && outcome === 'cannot-tell')
  return (
    <section aria-label="Fit" className="grid content-start gap-3 desk:mt-[3.4rem]">
      <div className="flex flex-wrap items-center justify-between gap-x-6 gap-y-2 border-t-2 border-ink pt-3">
        <h2 className="text-lead font-semibold">{title}</h2>
        <span className="flex items-center gap-6 text-lead">
          <OutcomeWord outcome={report.outcome} />
          {lets && (
            <Link
              to={next.to}
              className="inline-flex min-h-12 items-center bg-ink px-5 text-body font-semibold text-chalk hover:bg-plan"
            >
              {next.label} →
            </Link>
          )}
        </span>
      </div>
      {thinnest?.judgement && (
        <p className="text-mute">
          Tightest: {say(thinnest.label, unit)}
          {thinnest.end && `, end ${thinnest.end}`}, {thinnest.judgement.marginMm < 0 ? 'out by' : 'inside by'}{' '}
          {sayFine(Math.abs(thinnest.judgement.marginMm), unit)}.
        </p>
      )}
      {children}
      <FindingTable findings={report.findings} caption="Criterion by criterion" />
    </section>
  )
}
