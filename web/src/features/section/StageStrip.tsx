import { memo, useEffect, useMemo, useRef } from 'react'
import type { Job } from '../../api/types'
import { drawingOf } from '../../drawing/section/plan'
import type { Section } from './rules'

const WIDTH = 98
const HEIGHT = 34

/** The state after each stage at a touch, or with the arrow keys: small pictures by the same engine. */
export function StageStrip({
  job,
  section,
  stage,
  isDrawn,
  onStage,
}: {
  job: Job
  section: Section
  stage: number | null
  /** Their pictures can wait for the great one. */
  isDrawn: boolean
  onStage: (stage: number | null) => void
}) {
  const stages = job.stages ?? []
  const list = useRef<HTMLOListElement>(null)
  const now = stage ?? stages.length - 1
  useEffect(() => {
    list.current?.querySelector('[aria-pressed="true"]')?.scrollIntoView({ block: 'nearest', inline: 'nearest' })
  }, [now])
  useEffect(() => {
    const step = (event: KeyboardEvent) => {
      if (event.key !== 'ArrowLeft' && event.key !== 'ArrowRight') return
      if (event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement) return
      const next = now + (event.key === 'ArrowRight' ? 1 : -1)
      if (next < 0 || next >= stages.length) return
      event.preventDefault()
      onStage(next === stages.length - 1 ? null : next)
    }
    window.addEventListener('keydown', step)
    return () => window.removeEventListener('keydown', step)
  }, [now, stages.length, onStage])
  if (stages.length === 0) return null
  return (
    <ol ref={list} aria-label="State after each stage" className="flex overflow-x-auto border-y border-line">
      {stages.map((one, i) => (
        <li key={one.key} className="shrink-0 border-r border-line">
          <button
            type="button"
            aria-pressed={i === now}
            onClick={() => onStage(i === stages.length - 1 ? null : i)}
            className="grid min-h-12 gap-1 px-2 py-1 text-left hover:bg-soft aria-pressed:bg-soft aria-pressed:outline-2 aria-pressed:-outline-offset-2 aria-pressed:outline-ink"
          >
            {isDrawn ? (
              <Thumb section={section} stage={i === stages.length - 1 ? null : i} />
            ) : (
              <svg width={WIDTH} height={HEIGHT} />
            )}
            <span className="max-w-[6.6rem] truncate text-label">
              <span className="text-mute">{i + 1}</span> <span className={i === now ? 'font-semibold' : ''}>{one.title}</span>
            </span>
            <span className={`h-1 ${one.done ? 'bg-inside' : 'bg-transparent'}`} />
          </button>
        </li>
      ))}
    </ol>
  )
}

const FILLS: Record<string, string> = {
  oversheath: 'var(--color-sheath)',
  insulation: 'var(--color-white)',
  conductor: 'var(--color-core)',
  connector: 'var(--color-metal)',
  tube: 'var(--color-rubber)',
  crosses: 'var(--color-grading)',
  waves: 'var(--color-grading)',
  'long-waves': 'var(--color-seal)',
  net: 'var(--color-copper)',
  strokes: 'var(--color-copper)',
  'metallic-screen': 'var(--color-copper)',
  armour: 'var(--color-metal)',
}

const Thumb = memo(function Thumb({ section, stage }: { section: Section; stage: number | null }) {
  const { lanes } = useMemo(
    () => drawingOf(section, { left: 0, right: WIDTH, tops: [0, 2], height: HEIGHT - 3, stage, range: null }),
    [section, stage],
  )
  return (
    <svg width={WIDTH} height={HEIGHT} aria-hidden>
      {lanes.flatMap((lane) =>
        lane.bodies.map((body) => (
          <path
            key={`${lane.is} ${body.of} ${body.key}`}
            d={body.d}
            fill={FILLS[body.pattern] ?? 'var(--color-screen)'}
            stroke="var(--color-ink)"
            strokeWidth={0.4}
          />
        )),
      )}
    </svg>
  )
})
