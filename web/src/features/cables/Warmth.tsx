import { useState } from 'react'
import { useChangePlan, useDraft } from '../../api/plan'
import type { End, Job } from '../../api/types'
import { sayTemperature, isTemperature, temperatureUnit, withTemperatureUnit } from '../../domain/temperature'
import { sayMark } from '../../domain/length'
import { say } from '../../domain/sentence'
import { capital } from '../../domain/words'
import { Field } from '../../ui/Field'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'
import { FromInstruments } from '../../views/FromInstruments'
import { inMm, OnTheBench } from '../../views/OnTheBench'
import { endOf, withAir, withField, withWeather } from './edit'

const TONES = { fits: 'inside', 'fits-unproved': 'unproved', 'cannot-tell': 'unproved', 'does-not-fit': 'out' } as const

/** Will it sweat when it is opened, and is it warm enough to bend? */
export function Warmth({ job, end, mayPlan }: { job: Job; end: End; mayPlan: boolean }) {
  const unit = useUnit()
  const change = useChangePlan(job)
  const draft = useDraft(job)
  const handling = job.ends.find((one) => one.end === end)?.cable.handling
  const degrees = `°${temperatureUnit(unit)}`
  const findings = job.fit.cables.findings.filter(
    (finding) => finding.end === end && ['sweating', 'handling-temperature'].includes(finding.criterion),
  )
  return (
    <section aria-label="Warmth and damp" className="grid gap-3 border-t-2 border-ink pt-3">
      <div className="grid items-start gap-3 desk:grid-cols-3">
        <Typed
          label={`Air, ${degrees}`}
          stored={draft.weather?.air ?? ''}
          isGood={isTemperature}
          fault="Type it as 12, -3.5 °C or 54 °F."
          mayPlan={mayPlan}
          onSave={(text) => change((now) => withWeather(now, 'air', text ? withTemperatureUnit(text, unit) : null))}
        />
        <Typed
          label="Relative humidity, %"
          stored={draft.weather?.humidity?.toString() ?? ''}
          isGood={(text) => /^\s*(100|[1-9]\d?)\s*%?\s*$/.test(text)}
          fault="Type whole per cent, from 1 to 100."
          mayPlan={mayPlan}
          onSave={(text) => change((now) => withWeather(now, 'humidity', text ? Number.parseInt(text, 10) : null))}
        />
        <Typed
          label={`Cable surface, end ${end}, ${degrees}`}
          stored={endOf(draft, end).surface ?? ''}
          isGood={isTemperature}
          fault="Type it as 12, -3.5 °C or 54 °F."
          mayPlan={mayPlan}
          onSave={(text) => change((now) => withField(now, end, 'surface', text ? withTemperatureUnit(text, unit) : null))}
        />
      </div>
      {mayPlan && <FromInstruments kind="air" take="Take this air" onTake={({ air }) => change((now) => withAir(now, air))} />}
      {handling && (
        <p className="text-label text-mute">
          Not to be bent below {sayTemperature(handling.lowestCelsius, unit)}
          {handling.bendingRadiusMm !== null &&
            `, nor tighter than ${sayMark(handling.bendingRadiusMm, unit)} (${handling.timesDiameter} D)`}
          : {handling.source}.
        </p>
      )}
      {job.dewPointCelsius !== null && (
        <p className="text-label text-mute">Dew point {sayTemperature(job.dewPointCelsius, unit)}</p>
      )}
      <div className="flex flex-wrap gap-x-6">
        <OnTheBench
          tool="dew"
          name="dew point"
          given={{
            air: draft.weather?.air ?? null,
            humidity: draft.weather?.humidity?.toString() ?? null,
            surface: endOf(draft, end).surface ?? null,
          }}
        />
        <OnTheBench tool="temperature" name="°C and °F" given={{ temperature: draft.weather?.air ?? null }} />
        <OnTheBench tool="insulation" name="insulation resistance" given={{ at: endOf(draft, end).surface ?? null }} />
        {handling && handling.bendingRadiusMm !== null && (
          <OnTheBench
            tool="bend"
            name="bending radius"
            given={{
              diameter: inMm(handling.bendingRadiusMm / handling.timesDiameter),
              times: String(handling.timesDiameter),
              lies: inMm(handling.bendingRadiusMm),
            }}
          />
        )}
      </div>
      {findings.map((finding) => (
        <Note key={finding.criterion} tone={TONES[finding.outcome]} title={capital(say(finding.label, unit))}>
          {say(finding.reason, unit)}
        </Note>
      ))}
    </section>
  )
}

type TypedProps = {
  label: string
  stored: string
  isGood: (text: string) => boolean
  fault: string
  mayPlan: boolean
  onSave: (text: string) => void
}

/** A short entry that is kept when it is left, and stays on the screen when it cannot be read. */
function Typed({ label, stored, isGood, fault, mayPlan, onSave }: TypedProps) {
  const [text, setText] = useState<string | null>(null)
  const shown = text ?? stored
  const isBad = text !== null && text.trim() !== '' && !isGood(text)
  return (
    <Field label={label} fault={isBad ? fault : undefined}>
      {(input) => (
        <input
          {...input}
          disabled={!mayPlan}
          inputMode="decimal"
          autoComplete="off"
          value={shown}
          onChange={(event) => setText(event.target.value)}
          onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
          onBlur={() => {
            if (text === null || isBad) return
            if (text.trim() !== stored) onSave(text.trim())
            setText(null)
          }}
        />
      )}
    </Field>
  )
}
