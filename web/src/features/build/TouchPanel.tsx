import { useMay } from '../../api/session'
import type { Job, Stage, StageWork } from '../../api/types'
import { say } from '../../domain/sentence'
import { Button } from '../../ui/Button'
import { Note } from '../../ui/Note'
import { useFocus } from '../../ui/useFocus'
import { useUnit } from '../../ui/UnitContext'
import { placeName } from '../../views/cuts'
import { WhoMay } from '../../views/WhoMay'
import { CheckPanel } from './CheckPanel'
import { LookList } from './LookList'
import type { Touch } from './now'
import { SentAnswer } from './SentAnswer'
import { useTouch, useWriteDone } from './useWriteDone'
import { lookEntry, workEntry } from './workEntry'
import { WorkList } from './WorkList'

type Props = { job: Job; stage: Stage; touch: Touch }

/** What is done now, and looked at or measured on it: by one touch where all is so, else each by itself. */
export function TouchPanel({ job, stage, touch }: Props) {
  const { work, looks, reading, finishes } = touch
  const unit = useUnit()
  const write = useWriteDone(job.id)
  const touched = useTouch(job.id)
  const mayBuild = useMay('build')
  const done = (one: StageWork) => touched([workEntry(stage, one, unit)])
  const before = () => {
    for (const { event, said } of work.map((one) => workEntry(stage, one, unit))) write(event, said)
  }
  const single = reading ?? (work.length === 0 && looks.length === 1 && !finishes ? looks[0] : undefined)
  if (single)
    return (
      <>
        {work.map((one) => (
          <h3 key={one.how + one.part + placeName(one)} className="font-semibold max-desk:px-4">
            {[say(one.title, unit), placeName(one)].filter(Boolean).join(', ')}
          </h3>
        ))}
        <CheckPanel job={job} stage={stage} check={single} before={before} />
        {work.length > 0 && (
          <div className="max-desk:px-4">
            <WorkList work={work} doubts={stage.doubts} mayBuild={mayBuild} onDone={done} />
          </div>
        )}
      </>
    )
  return (
    <>
      {work.length > 0 && (
        <div className="max-desk:px-4">
          <WorkList work={work} doubts={stage.doubts} mayBuild={mayBuild} onDone={done} />
        </div>
      )}
      <Together job={job} stage={stage} touch={touch} />
    </>
  )
}

function Together({ job, stage, touch: { work, looks, finishes } }: Props) {
  const unit = useUnit()
  const touched = useTouch(job.id)
  const mayBuild = useMay('build')
  const focus = useFocus<HTMLButtonElement>()
  const crimp = looks.find((look) => look.crimp)
  const all = () => {
    const together = looks.length > 1 ? { together: looks.length } : {}
    touched([
      ...work.map((one) => workEntry(stage, one, unit)),
      ...looks.map((look) => lookEntry(stage, look, { seen: true, ...together }, unit)),
      ...(finishes ? [{ event: { kind: 'stage-finished' as const, stage: stage.key }, said: `Finished: ${stage.title}` }] : []),
    ])
  }
  return (
    <div className="grid gap-3 max-desk:p-4">
      <WhoMay right="build" deed={looks.length > 0 ? 'answers this' : 'says that it is done'} />
      {mayBuild && crimp && (
        <SentAnswer
          check={crimp}
          onAnswer={(given) => touched([...work.map((one) => workEntry(stage, one, unit)), lookEntry(stage, crimp, given, unit)])}
        />
      )}
      {looks.length > 0 && (
        <LookList looks={looks} mayBuild={mayBuild} onAnswer={(look, given) => touched([lookEntry(stage, look, given, unit)])} />
      )}
      {mayBuild && (
        <Button ref={focus} kind="primary" onClick={all}>
          {allSo(work.length, looks.length)}
        </Button>
      )}
      {finishes && <p className="text-label text-mute">With it “{stage.title}” is finished.</p>}
      {looks.length > 1 && <Note>The record shows which were answered together.</Note>}
    </div>
  )
}

function allSo(work: number, looks: number): string {
  if (looks === 0) return work === 1 ? 'It is done' : `All ${work} are done`
  const so = looks === 1 ? 'it is so' : `all ${looks} are so`
  return work > 0 ? `Done, and ${so}` : so.charAt(0).toUpperCase() + so.slice(1)
}
