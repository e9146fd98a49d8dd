import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { isAmong } from '../../api/checks'
import { peopleQueries } from '../../api/people'
import { useChangePlan, useDraft } from '../../api/plan'
import { useMay } from '../../api/session'
import type { CableEnd, End, Job, LayerKind } from '../../api/types'
import { say } from '../../domain/sentence'
import { CrossSection } from '../../drawing/CrossSection'
import { Button } from '../../ui/Button'
import { classes } from '../../ui/classes'
import { Note } from '../../ui/Note'
import { Toggle } from '../../ui/Toggle'
import { useUnit } from '../../ui/UnitContext'
import { useJob } from '../../views/useJob'
import { CablePicker } from './CablePicker'
import { ConditionSheet } from './ConditionSheet'
import { endOf, waitedFor, withCable } from './edit'
import { FreeLength } from './FreeLength'
import { IdentifySheet } from './IdentifySheet'
import { ReadingSheet } from './ReadingSheet'
import { NotChecked } from '../../views/NotChecked'
import { OnTheBench } from '../../views/OnTheBench'
import { PageHeading } from '../../views/PageHeading'
import { WhoMay } from '../../views/WhoMay'

export function Cables() {
  const job = useJob()
  const [end, setEnd] = useState<End>('A')
  const unmeasured = job.function === 'joint' ? (['A', 'B'] as const).find((one) => !job.draft.ends[one]?.cable) : undefined
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-5 p-4 max-desk:has-[[data-keypad]]:pb-72 desk:grid-cols-[minmax(0,34rem)_minmax(0,1fr)] desk:p-6">
      <div className="flex flex-wrap items-center gap-4 max-desk:order-first desk:col-span-2">
        <PageHeading name="Cables" of={job.name} />
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
        <WhoMay right="plan" deed="chooses the cables and enters what the calipers say" />
        {unmeasured && unmeasured !== end && job.draft.ends[end]?.cable && (
          <span className="text-label text-mute">End {unmeasured} has no cable yet.</span>
        )}
      </div>
      <CableEndSheet key={end} job={job} end={end} />
    </div>
  )
}

const SHEETS = [
  { value: 'diameters', label: 'Diameters' },
  { value: 'condition', label: 'Condition' },
  { value: 'identify', label: 'What is it?' },
] as const
type Sheet = (typeof SHEETS)[number]['value']

function CableEndSheet({ job, end }: { job: Job; end: End }) {
  const mayPlan = useMay('plan') && !job.connectorFitted
  const [sheet, setSheet] = useState<Sheet>('diameters')
  const cable = job.ends.find((one) => one.end === end)
  const [picked, setActive] = useState<LayerKind>(() => waitedFor(job, end)[0] ?? 'conductor')
  const active = cable && !cable.cable.measurable.includes(picked) ? (cable.cable.measurable[0] ?? picked) : picked
  return (
    <>
      <CableAtEnd job={job} end={end} mayPlan={mayPlan} active={active} onActive={setActive} />
      <section
        aria-label={`Findings at end ${end}`}
        className={classes('grid content-start gap-5', cable && 'max-desk:order-first')}
      >
        <Toggle label="Sheet" value={sheet} onChange={setSheet} options={SHEETS} className="justify-self-start" />
        {sheet === 'identify' && (
          <IdentifySheet
            job={job}
            end={end}
            mayPlan={mayPlan}
            onMeasure={(layer) => {
              setActive(layer)
              setSheet('diameters')
            }}
          />
        )}
        {!cable && sheet !== 'identify' && (
          <p className="text-mute">
            Choose the cable first, then enter what the calipers say. Nobody knows what it is called? Say what you see under “What
            is it?”.
          </p>
        )}
        {cable && sheet === 'diameters' && (
          <>
            <ReadingSheet job={job} end={end} active={active} onActive={setActive} mayPlan={mayPlan} />
            <FreeLength job={job} end={end} mayPlan={mayPlan} />
          </>
        )}
        {cable && sheet === 'condition' && <ConditionSheet job={job} end={end} mayPlan={mayPlan} />}
      </section>
    </>
  )
}

/** Of all wires of a screen together, in mm²; null: it has none, or they were not counted. */
const areaOf = (wires: { count: number; diameterMm: number } | null): string | null =>
  wires && ((wires.count * Math.PI * wires.diameterMm ** 2) / 4).toFixed(2)

type AtEndProps = { job: Job; end: End; mayPlan: boolean; active: LayerKind; onActive: (layer: LayerKind) => void }

/** What the cable is called, drawn with what was measured, and what does not agree. */
function CableAtEnd({ job, end, mayPlan, active, onActive }: AtEndProps) {
  const draft = useDraft(job)
  const change = useChangePlan(job)
  const [isChoosing, setIsChoosing] = useState(false)
  const cable = job.ends.find((one) => one.end === end)
  const unchecked = useQuery(peopleQueries.crew(job.id)).data?.uncheckedCables
  const other = endOf(draft, end === 'A' ? 'B' : 'A').cable
  return (
    <section aria-label={`Cable of end ${end}`} className="grid content-start gap-4">
      <div className="flex flex-wrap items-center justify-between gap-3 border-t-2 border-ink pt-3">
        <div>
          <p className="font-semibold">{cable?.cable.designation ?? 'No cable chosen'}</p>
          {cable && (
            <p className="text-label text-mute">
              {cable.cable.standard || 'entered by hand'} · {cable.cable.conductorShape} {cable.cable.conductorMaterial}
            </p>
          )}
          {cable && (
            <div className="flex flex-wrap gap-x-6">
              <OnTheBench
                tool="size"
                name="conductor size"
                given={{ size: cable.cable.conductorSize, metal: cable.cable.conductorMaterial }}
              />
              <OnTheBench tool="screen" name="what its screen reads" given={{ area: areaOf(cable.cable.screenWires) }} />
            </div>
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
      {cable && isAmong(unchecked, cable.cable) && <NotChecked kind="cables" sheet={cable.cable} />}
      {cable && <Drawn cable={cable} active={active} onActive={onActive} />}
      <Remarks job={job} end={end} />
      <CablePicker
        open={isChoosing}
        onClose={() => setIsChoosing(false)}
        onChoose={(chosen) => {
          change((now) => withCable(now, end, chosen))
          setIsChoosing(false)
        }}
      />
    </section>
  )
}

function Drawn({ cable, active, onActive }: { cable: CableEnd; active: LayerKind; onActive: (layer: LayerKind) => void }) {
  const unit = useUnit()
  const rings = cable.cable.layers.map((layer) => ({
    layer: layer.layer,
    nominalMm: layer.diameterMm,
    measuredMm: cable.measured[layer.layer]?.meanMm ?? null,
  }))
  if (rings.length === 0) return <p className="text-mute">No diameter of this cable is known yet: measure it.</p>
  return (
    <CrossSection
      unit={unit}
      cores={cable.cable.cores}
      isSector={cable.cable.conductorShape === 'sector'}
      active={active}
      onPick={(layer) => onActive(layer === 'conductor-screen' ? 'insulation' : (layer as LayerKind))}
      rings={rings}
    />
  )
}

/** What does not agree with the name, what stops the work, and what differs from the other end. */
function Remarks({ job, end }: { job: Job; end: End }) {
  const unit = useUnit()
  const findings = job.fit.cables.findings.filter(
    (finding) => finding.end === end && ['cable-as-named', 'condition'].includes(finding.criterion),
  )
  return (
    <>
      {findings.map((finding) => (
        <Note
          key={say(finding.reason, unit)}
          tone={finding.stops ? 'out' : 'unproved'}
          title={finding.stops ? 'Do not go on with this end.' : 'Is it the cable on the label?'}
        >
          {say(finding.reason, unit)}
        </Note>
      ))}
      {job.comparison.length > 0 && (
        <Note title="What differs between the two ends">
          <ul className="grid gap-1">
            {job.comparison.map((sentence, index) => (
              <li key={index}>{say(sentence, unit)}</li>
            ))}
          </ul>
        </Note>
      )}
    </>
  )
}
