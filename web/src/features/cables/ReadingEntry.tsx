import { useEffect, useRef, useState, type KeyboardEvent, type ReactNode } from 'react'
import { useChangePlan, useDraft } from '../../api/plan'
import type { End, Job, LayerKind } from '../../api/types'
import { isFarFrom, slippedUnit, type Instrument } from '../../domain/judge'
import { inUnit, readLength, readReading, sayFault, sayFine, type Unit } from '../../domain/length'
import { layerName } from '../../domain/words'
import { Button } from '../../ui/Button'
import { classes } from '../../ui/classes'
import { Field } from '../../ui/Field'
import { Keypad } from '../../ui/Keypad'
import { Note } from '../../ui/Note'
import { useUnit, useUnits } from '../../ui/UnitContext'
import { InstrumentField } from '../../views/InstrumentField'
import { useTypedLength } from '../../views/useTypedLength'
import { endOf, nextSpot, withReading } from './edit'

type EntryProps = { job: Job; end: End; layer: LayerKind; onStep: (by: number) => void; onFirst: () => void }

/**
 * One reading after the other with the caliper in one hand: Enter adds it, the arrows change the layer. After the first of a layer the next
 * one that the kit waits for is asked for.
 */
export function ReadingEntry({ job, end, layer, onStep, onFirst }: EntryProps) {
  const unit = useUnit()
  const change = useChangePlan(job)
  const draft = useDraft(job)
  const input = useRef<HTMLInputElement>(null)
  const [text, setText] = useTypedLength(`${job.id}.${end}.${layer}`)
  const [instrument, setInstrument] = useState<Instrument>('caliper')
  const [isTried, setIsTried] = useState(false)
  const length = readReading(text, unit)
  const before = endOf(draft, end).readings?.[layer] ?? []
  const spot = nextSpot(before)
  const beforeMm = before.flatMap((one) => (readLength(one.typed, one.unit).nanometres ?? 0) / 1e6 || [])
  const type = job.ends.find((one) => one.end === end)?.cable.layers.find((one) => one.layer === layer)
  const meant = length.fault ? null : slippedUnit(length.nanometres / 1e6, type?.minMm ?? null, type?.maxMm ?? null)
  const isApart = !length.fault && meant === null && isFarFrom(length.nanometres / 1e6, beforeMm)
  useEffect(() => {
    input.current?.focus()
  }, [])
  const add = (as: Unit, isSure = false) => {
    setIsTried(true)
    if (length.fault || (!isSure && isApart)) return
    change((now) => withReading(now, end, layer, { typed: text.trim(), unit: as, instrument, ...spot }))
    setText('')
    setIsTried(false)
    if (before.length === 0) onFirst()
    input.current?.focus()
  }
  const layerWord = layerName(layer, unit).toLowerCase()
  return (
    <form
      className="grid grid-cols-[1fr_8.5rem] items-start gap-3 bg-soft p-3 desk:grid-cols-[1fr_9.5rem_auto]"
      onSubmit={(event) => {
        event.preventDefault()
        add(unit)
      }}
    >
      <Field
        label={`Diameter over the ${layerWord}, end ${end}, ${inUnit(unit)}`}
        fault={isTried && length.fault ? sayFault(length.fault) : undefined}
        hint={
          <>
            Goes to place {spot.place} at {spot.axis}°.
            <span className="max-desk:hidden"> Enter adds it; ↑ ↓ change the layer.</span>
          </>
        }
      >
        {(described) => (
          <input
            {...described}
            ref={input}
            data-reading
            inputMode={matchMedia('(pointer: coarse)').matches ? 'none' : 'decimal'}
            autoComplete="off"
            value={text}
            onChange={(event) => setText(event.target.value)}
            onKeyDown={withArrows(onStep)}
            className={classes(described.className, 'text-entry')}
          />
        )}
      </Field>
      <InstrumentField instrument={instrument} onChange={setInstrument} />
      <Button type="submit" kind="primary" className="max-desk:hidden desk:mt-6">
        Add reading
      </Button>
      {meant && meant !== unit && /^[\d\s.,/-]+$/.test(text) && (
        <Doubt
          title={`Did you mean ${text.trim()} ${meant}?`}
          action={`Add it as ${text.trim()} ${meant}`}
          onSure={() => add(meant)}
        >
          This cable type allows {sayFine(type?.minMm ?? 0, unit)} to {sayFine(type?.maxMm ?? 0, unit)}.
        </Doubt>
      )}
      {isTried && isApart && (
        <Doubt
          title={`Far from what was measured before: ${beforeMm.map((mm) => sayFine(mm, unit)).join(', ')}`}
          action={`Add ${text.trim()} all the same`}
          onSure={() => add(unit, true)}
        >
          One of them is likely a slip: measure this place again.
        </Doubt>
      )}
      <TrenchKeypad text={text} setText={setText} onRecord={() => add(unit)} />
    </form>
  )
}

/** The keys in the glove; they give way while another field of the page is typed into. */
type PadProps = { text: string; setText: (text: string) => void; onRecord: () => void }

function TrenchKeypad({ text, setText, onRecord }: PadProps) {
  const { unit, setUnit } = useUnits()
  return (
    <div
      data-keypad
      className="fixed inset-x-0 bottom-0 z-10 bg-chalk desk:hidden [body:has(input:focus:not([data-reading]))_&]:hidden"
    >
      <Keypad
        withFractions={unit === 'in'}
        label="Add"
        isReady
        onKey={(key) => setText(text + key)}
        onDelete={() => setText(text.slice(0, -1))}
        onRecord={onRecord}
        onUnit={() => setUnit(unit === 'in' ? 'mm' : 'in')}
      />
    </div>
  )
}

const withArrows = (onStep: (by: number) => void) => (event: KeyboardEvent) => {
  if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return
  event.preventDefault()
  onStep(event.key === 'ArrowDown' ? 1 : -1)
}

type DoubtProps = { title: string; action: string; onSure: () => void; children: ReactNode }

function Doubt({ title, action, onSure, children }: DoubtProps) {
  return (
    <div className="col-span-2 desk:col-span-3">
      <Note tone="unproved" role="status" title={title}>
        <p className="flex flex-wrap items-center gap-x-4">
          {children}
          <Button kind="link" onClick={onSure}>
            {action}
          </Button>
        </p>
      </Note>
    </div>
  )
}
