import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useParams, useSearchParams } from 'react-router'
import { benchQueries } from '../../api/bench'
import { ApiError } from '../../api/client'
import type { BenchOutcome, BenchTool as Tool } from '../../api/types'
import type { Unit } from '../../domain/length'
import { say } from '../../domain/sentence'
import { capital } from '../../domain/words'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { Note } from '../../ui/Note'
import { Toggle } from '../../ui/Toggle'
import { Sketch } from './Sketch'

/** One tool. What is typed stands in the address: a link opens it filled in. */
export function BenchTool() {
  const { tool: key = '' } = useParams()
  const { data, error } = useQuery(benchQueries.tools())
  const tool = data?.tools.find((one) => one.key === key)
  return (
    <main className="mx-auto grid w-full max-w-[70rem] grid-cols-[minmax(0,1fr)] content-start gap-5 p-4 desk:p-6">
      <Link to="/bench" className="inline-flex min-h-11 items-center justify-self-start text-plan underline underline-offset-4">
        All tools
      </Link>
      {error && (
        <Note tone="out">
          The server does not answer, and the engine is not on this device: it comes with a job that is taken along.
        </Note>
      )}
      {data && !tool && <Note tone="out">There is no such tool: take one of them all.</Note>}
      {tool && <Worked key={tool.key} tool={tool} />}
    </main>
  )
}

function Worked({ tool }: { tool: Tool }) {
  const [search, setSearch] = useSearchParams()
  const unit: Unit = search.get('unit') === 'in' ? 'in' : 'mm'
  const typed = Object.fromEntries([...search].filter(([key]) => key !== 'unit'))
  const { data: outcome, error } = useQuery(benchQueries.outcome(tool.key, unit, typed))
  const problems = error instanceof ApiError ? (error.problem?.problems ?? []) : []
  const set = (key: string, value: string) =>
    setSearch(
      (now) => {
        now.set(key, value)
        return now
      },
      { replace: true },
    )
  const faultOf = (key: string) => {
    const fault = problems.find(({ path }) => path === key)
    return fault && capital(fault.message)
  }
  const unasked = problems.filter(({ path }) => !tool.asks.some(({ key }) => key === path))
  return (
    <>
      <title>{`${tool.title} · Bench · Berm`}</title>
      <header className="flex flex-wrap items-end justify-between gap-4 border-b-2 border-ink pb-3">
        <div>
          <h1 className="text-lead font-bold">{tool.title}</h1>
          <p>{tool.does}</p>
        </div>
        <Toggle
          label="Units"
          value={unit}
          onChange={(value) => setSearch({ unit: value }, { replace: true })}
          options={[
            { value: 'mm', label: 'mm, °C' },
            { value: 'in', label: 'in, °F' },
          ]}
        />
      </header>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-8 desk:grid-cols-[22rem_minmax(0,1fr)]">
        <form className="grid content-start gap-3" onSubmit={(event) => event.preventDefault()}>
          {tool.asks.map((ask) => (
            <Asked
              key={ask.key}
              ask={ask}
              unit={unit}
              value={typed[ask.key] ?? ask.first[unit]}
              fault={faultOf(ask.key)}
              onChange={(value) => set(ask.key, value)}
            />
          ))}
          {unasked.map(({ path, message }) => (
            <Note key={path} tone="out">
              “{path}” in the address {message}
            </Note>
          ))}
        </form>
        {outcome && <Comes tool={tool} outcome={outcome} unit={unit} isOld={problems.length > 0} />}
      </div>
      {outcome?.figures[0] && (
        <p
          className={`sticky bottom-0 -mx-4 grid border-t-2 border-ink bg-chalk px-4 py-2 desk:hidden print:hidden ${problems.length > 0 ? 'opacity-50' : ''}`}
        >
          <Main figure={outcome.figures[0]} unit={unit} />
        </p>
      )}
      {error && problems.length === 0 && (
        <Note tone="out" role="alert">
          {error.message}
        </Note>
      )}
    </>
  )
}

type AskedProps = {
  ask: Tool['asks'][number]
  unit: Unit
  value: string
  fault: string | undefined
  onChange: (value: string) => void
}

function Asked({ ask, unit, value, fault, onChange }: AskedProps) {
  const own = { length: unit, temperature: unit === 'in' ? '°F' : '°C', number: ask.unit, choice: '', text: '' }[ask.kind]
  const label = own ? `${ask.label}, ${own}` : ask.label
  return (
    <Field label={label} isBeside fault={fault}>
      {(input) =>
        ask.kind === 'choice' ? (
          <select {...input} value={value} onChange={({ target }) => onChange(target.value)}>
            {ask.options.map((option) => (
              <option key={option.value} value={option.value}>
                {option.label}
              </option>
            ))}
          </select>
        ) : (
          <input
            {...input}
            inputMode={ask.kind === 'text' ? 'text' : 'decimal'}
            maxLength={40}
            value={value}
            onChange={({ target }) => onChange(target.value)}
          />
        )
      }
    </Field>
  )
}

type ComesProps = { tool: Tool; outcome: BenchOutcome; unit: Unit; isOld: boolean }

function Comes({ tool, outcome, unit, isOld }: ComesProps) {
  const [first, ...more] = outcome.figures
  if (!first) return null
  return (
    <section aria-label="What it comes to" className={`grid content-start gap-4 ${isOld ? 'opacity-50' : ''}`}>
      {isOld && <Note tone="unproved">By what was typed before: put right what is marked.</Note>}
      <p className="grid max-desk:hidden">
        <Main figure={first} unit={unit} />
      </p>
      <dl className="grid grid-cols-[max-content_minmax(0,1fr)] gap-x-6 gap-y-1">
        {more.map(({ label, value }, i) => (
          <div key={i} className="contents">
            <dt className="text-mute">{say(label, unit)}</dt>
            <dd className="font-semibold tabular-nums">{say(value, unit)}</dd>
          </div>
        ))}
      </dl>
      {outcome.warnings.map((warning, i) => (
        <Note key={i} tone="out">
          {say(warning, unit)}
        </Note>
      ))}
      <Sketch shapes={outcome.shapes} />
      <div className="grid gap-1 border-t border-line pt-3">
        {outcome.working.map((line, i) => (
          <p key={i}>{say(line, unit)}</p>
        ))}
      </div>
      <p className="text-label text-mute">
        Source: {tool.source}. {tool.holds}
      </p>
      <Copy text={asText(tool, outcome, unit)} />
    </section>
  )
}

/** What was asked for; on a phone it stays in sight at the foot while it is typed. */
function Main({ figure, unit }: { figure: BenchOutcome['figures'][number]; unit: Unit }) {
  return (
    <>
      <span className="text-label text-mute">{say(figure.label, unit)}</span>
      <output className="text-entry font-bold tabular-nums">{say(figure.value, unit)}</output>
    </>
  )
}

const asText = (tool: Tool, outcome: BenchOutcome, unit: Unit): string =>
  [
    tool.title,
    ...outcome.figures.map(({ label, value }) => `${say(label, unit)}: ${say(value, unit)}`),
    ...outcome.warnings.map((one) => say(one, unit)),
    ...outcome.working.map((one) => say(one, unit)),
    `Source: ${tool.source}. ${tool.holds}`,
    location.href,
  ].join('\n')

/** With its working, its source and the address that opens it again. */
function Copy({ text }: { text: string }) {
  const [said, setSaid] = useState('')
  const copy = () =>
    navigator.clipboard.writeText(text).then(
      () => setSaid('Copied.'),
      () => setSaid('This browser does not let a page copy: mark it and copy it by hand.'),
    )
  return (
    <p className="no-print flex flex-wrap items-center gap-3">
      <Button onClick={() => void copy()}>Copy the result</Button>
      <span role="status">{said}</span>
    </p>
  )
}
