import { useState } from 'react'
import { useChangePlan, useDraft } from '../../api/plan'
import { useMay } from '../../api/session'
import type { End, Job, LayerKind } from '../../api/types'
import { say } from '../../domain/sentence'
import { CrossSection } from '../../drawing/CrossSection'
import { Button } from '../../ui/Button'
import { Note } from '../../ui/Note'
import { Toggle } from '../../ui/Toggle'
import { useUnit } from '../../ui/UnitContext'
import { useJob } from '../../views/useJob'
import { CablePicker } from './CablePicker'
import { endOf, withCable } from './edit'
import { FreeLength } from './FreeLength'
import { ReadingSheet } from './ReadingSheet'

export function Cables() {
  const job = useJob()
  const [end, setEnd] = useState<End>('A')
  const unmeasured = job.function === 'joint' ? (['A', 'B'] as const).find((one) => !job.draft.ends[one]?.cable) : undefined
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-5 p-4 desk:grid-cols-[minmax(0,34rem)_minmax(0,1fr)] desk:p-6">
      <div className="flex flex-wrap items-center gap-4 desk:col-span-2">
        <h1 className="text-[1.75rem] font-bold">Cables</h1>
        {job.function === 'joint' && (
          <Toggle
            label="Cable end"
            value={end}
            onChange={setEnd}
            options={[
              { value: 'A', label: 'End A' },
              { value: 'B', label: 'End B' },
            ]}
          />
        )}
        {unmeasured && unmeasured !== end && job.draft.ends[end]?.cable && (
          <span className="text-label text-mute">End {unmeasured} has no cable yet.</span>
        )}
      </div>
      <CableEndSheet key={end} job={job} end={end} />
    </div>
  )
}

function CableEndSheet({ job, end }: { job: Job; end: End }) {
  const unit = useUnit()
  const draft = useDraft(job)
  const change = useChangePlan(job)
  const mayPlan = useMay('plan') && !job.connectorFitted
  const [isChoosing, setIsChoosing] = useState(false)
  const [active, setActive] = useState<LayerKind>('conductor')
  const cable = job.ends.find((one) => one.end === end)
  const other = endOf(draft, end === 'A' ? 'B' : 'A').cable
  const warnings = job.fit.cables.findings.filter((finding) => finding.end === end)
  const layers = cable?.cable.layers ?? []
  return (
    <>
      <section aria-label={`Cable of end ${end}`} className="grid content-start gap-4">
        <div className="flex flex-wrap items-center justify-between gap-3 border-t-2 border-ink pt-3">
          <div>
            <p className="font-semibold">{cable?.cable.designation ?? 'No cable chosen'}</p>
            {cable && (
              <p className="text-label text-mute">
                {cable.cable.standard || 'entered by hand'} · {cable.cable.conductorShape} {cable.cable.conductorMaterial}
              </p>
            )}
          </div>
          {mayPlan && (
            <Button kind={cable ? 'plain' : 'primary'} onClick={() => setIsChoosing(true)}>
              {cable ? 'Another cable' : 'Choose the cable'}
            </Button>
          )}
        </div>
        {!cable && mayPlan && other && (
          <Button className="justify-self-start" onClick={() => change((now) => withCable(now, end, other))}>
            Same cable as end {end === 'A' ? 'B' : 'A'}
          </Button>
        )}
        {cable && (
          <CrossSection
            unit={unit}
            active={active}
            onPick={(layer) => setActive(layer === 'conductor-screen' ? 'insulation' : (layer as LayerKind))}
            rings={layers.map((layer) => ({
              layer: layer.layer,
              nominalMm: layer.diameterMm,
              measuredMm: cable.measured[layer.layer]?.meanMm ?? null,
            }))}
          />
        )}
        {warnings.map((warning) => (
          <Note key={say(warning.reason, unit)} tone="unproved" title="Is it the cable on the label?">
            {say(warning.reason, unit)}
          </Note>
        ))}
      </section>
      <section aria-label={`Readings of end ${end}`} className="grid content-start gap-5">
        {cable ? (
          <>
            <ReadingSheet job={job} end={end} active={active} onActive={setActive} mayPlan={mayPlan} />
            <FreeLength job={job} end={end} mayPlan={mayPlan} />
          </>
        ) : (
          <p className="text-mute">Choose the cable first; then enter what the calipers say, layer by layer.</p>
        )}
      </section>
      <CablePicker
        open={isChoosing}
        onClose={() => setIsChoosing(false)}
        onChoose={(chosen) => {
          change((now) => withCable(now, end, chosen))
          setIsChoosing(false)
        }}
      />
    </>
  )
}
