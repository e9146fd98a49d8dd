import { useCallback, useDeferredValue, useMemo, useState } from 'react'
import { Link } from 'react-router'
import type { Job } from '../../api/types'
import { sayMark } from '../../domain/length'
import { layerName } from '../../domain/words'
import { rangeOf } from '../../drawing/section/plan'
import { hasThreeCores } from '../../drawing/section/state'
import { WallsUnsaid } from '../../views/WallsUnsaid'
import { SectionDrawing, type Touched } from '../../drawing/section/SectionDrawing'
import { useDrawing } from '../../drawing/section/useDrawing'
import type { Section } from './rules'
import { useWidth } from '../../drawing/useWidth'
import { Button } from '../../ui/Button'
import { Toggle } from '../../ui/Toggle'
import { useUnit } from '../../ui/UnitContext'
import { NotPlanned } from '../../views/NotPlanned'
import { useJob } from '../../views/useJob'
import { FactTable } from './FactTable'
import { RuleList } from './RuleList'
import { download } from './saved'
import { Least } from './Least'
import { StageStrip } from './StageStrip'
import { Thinnest } from './Thinnest'
import { touchedAt, TouchedFacts } from './TouchedFacts'
import { useOpened } from './useOpened'

/** The whole accessory as it will lie, or lies: the thinnest margin first, and the state after each stage. */
export function SectionPage() {
  const job = useJob()
  return job.section ? <Whole job={job} section={job.section} /> : <NotPlanned job={job} />
}

/** Of the bodies: what is asked of them must still be seen beneath. */
function heightFor(width: number, isThree: boolean): number {
  if (width >= 2000) return 420
  const isLow = window.innerHeight < 900
  return (isLow ? 165 : 220) + (isThree ? 70 : 0)
}

type Part = 'A' | 'centre' | 'B'

function Whole({ job, section: known }: { job: Job; section: Section }) {
  const unit = useUnit()
  const [ref, width] = useWidth<HTMLDivElement>(1200)
  const [stage, setStage] = useState<number | null>(null)
  const [touched, setTouched] = useState<Touched | null>(null)
  // The picture first; the small ones and the table when it stands.
  const stands = useDeferredValue(true, false)
  const { rules, rule, section, bracket, choose, setCore } = useOpened(known, unit)
  const isNarrow = width < 700
  const isJoint = section.layers.some((one) => one.end === 'B')
  const [part, setPart] = useState<Part | null>(null)
  const shown = part ?? partOf(section, bracket ? (bracket.fromMm + bracket.toMm) / 2 : 0)
  const range = useMemo(() => (isNarrow && isJoint ? partRange(section, shown) : null), [section, isNarrow, isJoint, shown])
  const height = heightFor(width, hasThreeCores(section))
  const drawn = { section, stage, unit, width, height, range }
  const { rest } = useDrawing(drawn)
  const found = touched ? touchedAt(section, stage, touched) : null
  const onTouch = useCallback((at: Touched) => setTouched(at), [])
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] content-start">
      <title>{`Section · ${job.name} · Berm`}</title>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2 px-4 pt-2 desk:px-6">
        <h1 className="sr-only">Section</h1>
        <nav aria-label="Mark out" className="flex border-2 border-ink">
          <Link to={`/jobs/${job.id}/mark-out`} className="inline-flex min-h-11 items-center px-4 hover:bg-soft">
            Marks
          </Link>
          <span aria-current="page" className="inline-flex min-h-11 items-center bg-ink px-4 font-semibold text-chalk">
            Section
          </span>
        </nav>
        {isNarrow && isJoint && (
          <Toggle
            label="Part of the joint"
            value={shown}
            onChange={setPart}
            options={[
              { value: 'A', label: 'End A' },
              { value: 'centre', label: 'Centre' },
              { value: 'B', label: 'End B' },
            ]}
          />
        )}
        {section.otherCores.length > 0 && <CoreToggle section={section} onCore={setCore} />}
        <span className="text-label text-mute">{stageText(job, stage)}</span>
        {rule && <Least rule={rule} section={section} isFirst={rule === rules[0]} />}
        <span className="ml-auto max-desk:hidden">
          <Button onClick={() => download(job, section, unit)}>Save as SVG</Button>
        </span>
      </div>
      <div ref={ref} className="min-w-0 overflow-hidden px-0 pt-1">
        {width > 0 && (
          <SectionDrawing
            {...drawn}
            lit={found?.key ?? null}
            bracket={bracket}
            title={`${job.name}: section, ${stageText(job, stage)}`}
            onTouch={onTouch}
            onCore={setCore}
          />
        )}
      </div>
      <WallsUnsaid section={known} />
      <Also names={rest.map((one) => one.text)} />
      {found && <TouchedFacts found={found} known={known} onClose={() => setTouched(null)} />}
      <StageStrip job={job} section={section} stage={stage} isDrawn={stands} onStage={setStage} />
      <div className="grid grid-cols-[minmax(0,1fr)] gap-6 p-4 desk:grid-cols-[25.5rem_minmax(0,1fr)] desk:p-6">
        {rule ? (
          <Thinnest
            section={section}
            stage={null}
            rule={rule}
            bracket={bracket}
            isFirst={rule === rules[0]}
            width={isNarrow ? width - 32 : 400}
          />
        ) : (
          <p>No rule is held against this section.</p>
        )}
        <RuleList section={section} rules={rules} chosen={rule} onChoose={choose} />
      </div>
      {stands && <FactTable section={section} name={(layer) => layerName(layer, unit)} mark={(mm) => sayMark(mm, unit)} />}
    </div>
  )
}

/** Which core is opened. */
function CoreToggle({ section, onCore }: { section: Section; onCore: (core: number) => void }) {
  const cores = [section.core, ...section.otherCores.map((one) => one.core)].sort((a, b) => a - b)
  return (
    <Toggle
      label="Core that is opened"
      value={String(section.core)}
      onChange={(core) => onCore(Number(core))}
      options={cores.map((one) => ({ value: String(one), label: `Core ${one}` }))}
    />
  )
}

/** What found no place in the drawing. */
function Also({ names }: { names: string[] }) {
  if (names.length === 0) return null
  return (
    <p className="px-4 pb-1 text-label desk:px-6">
      <span className="text-mute">also: </span>
      {names.join(' · ')}
    </p>
  )
}

function stageText(job: Job, stage: number | null): string {
  const one = stage === null ? undefined : job.stages?.[stage]
  return one ? `after “${one.title}”` : 'as finished'
}

function partOf(section: Section, mm: number): Part {
  const half = Math.max(60, section.connector.toMm + 40)
  return mm < -half ? 'A' : mm > half ? 'B' : 'centre'
}

function partRange(section: Section, part: Part): [number, number] {
  const [from, to] = rangeOf(section)
  const half = Math.max(60, section.connector.toMm + 40)
  if (part === 'centre') return [-half - 20, half + 20]
  return part === 'A' ? [from, -half + 30] : [half - 30, to]
}
