import type { Unit } from '../domain/length'
import { rowsFor, ticks, type Scale } from './axis'

export type DrawnMark = {
  end: 'A' | 'B'
  cut: string
  /** Along the axis. */
  atMm: number
  /** As counted from the datum. */
  text: string
  state: 'planned' | 'active' | 'inside' | 'not-proved' | 'out'
}

type TapeProps = {
  marks: DrawnMark[]
  origins: { end: 'A' | 'B'; atMm: number }[]
  scale: Scale
  y: number
  width: number
  unit: Unit
  isJoint: boolean
  onPick?: ((end: 'A' | 'B', layer: string) => void) | undefined
}

const COLOURS: Record<DrawnMark['state'], string> = {
  planned: 'var(--color-ink)',
  active: 'var(--color-plan)',
  inside: 'var(--color-inside)',
  'not-proved': 'var(--color-unproved)',
  out: 'var(--color-out)',
}

const TAPE = 36

/** Which row each mark's number stands in. */
export const markRows = (marks: DrawnMark[], scale: Scale): number[] =>
  rowsFor(marks.map((mark) => ({ x: scale.x(mark.atMm), width: mark.text.length * 9 + 6 })))

/** The tape under the axis: ticks counted from the datum, and a mark where each cut goes. */
export function Tape({ marks, origins, scale, y, width, unit, isJoint, onPick }: TapeProps) {
  const rows = markRows(marks, scale)
  return (
    <g>
      <rect
        x={1}
        y={y + 1}
        width={width - 2}
        height={TAPE}
        fill="var(--color-tape)"
        stroke="var(--color-ink)"
        strokeWidth={1.5}
      />
      {origins.map((origin) => (
        <Side key={origin.end} origin={origin} scale={scale} y={y} unit={unit} isJoint={isJoint} />
      ))}
      {marks.map((mark, i) => (
        <MarkSign key={mark.end + mark.cut} mark={mark} x={scale.x(mark.atMm)} y={y + TAPE} row={rows[i] ?? 0} onPick={onPick} />
      ))}
    </g>
  )
}

function Side({
  origin,
  scale,
  y,
  unit,
  isJoint,
}: {
  origin: { end: 'A' | 'B'; atMm: number }
  scale: Scale
  y: number
  unit: Unit
  isJoint: boolean
}) {
  const [from, to] = !isJoint
    ? [scale.fromMm, scale.toMm]
    : origin.end === 'A'
      ? [scale.fromMm, Math.min(0, scale.toMm)]
      : [Math.max(0, scale.fromMm), scale.toMm]
  return ticks(scale, origin.atMm, from, to, unit).map((tick) => (
    <g key={tick.x}>
      <line
        x1={tick.x}
        x2={tick.x}
        y1={y + 1}
        y2={y + (tick.label ? 18 : tick.isLong ? 14 : 8)}
        stroke="var(--color-tape-ink)"
        strokeWidth={1.2}
      />
      {tick.label && (
        <text x={tick.x + 3} y={y + 32} fontSize={14} fill="var(--color-tape-ink)">
          {tick.label}
        </text>
      )}
    </g>
  ))
}

/** Outlined while planned, filled when recorded inside, ringed when not proved, crossed when out. */
function MarkSign({
  mark,
  x,
  y,
  row,
  onPick,
}: {
  mark: DrawnMark
  x: number
  y: number
  row: number
  onPick: TapeProps['onPick']
}) {
  const colour = COLOURS[mark.state]
  return (
    <g style={{ cursor: onPick ? 'pointer' : undefined }} onClick={() => onPick?.(mark.end, mark.cut)}>
      <line x1={x} x2={x} y1={y - TAPE} y2={y - 16} stroke={colour} strokeWidth={mark.state === 'active' ? 3 : 1.5} />
      {mark.state === 'out' ? (
        <path d={`M${x - 6} ${y + 2}l12 12m0 -12l-12 12`} stroke={colour} strokeWidth={3} />
      ) : (
        <path
          d={`M${x} ${y + 1}l7 12h-14z`}
          fill={mark.state === 'inside' || mark.state === 'active' ? colour : 'var(--color-chalk)'}
          stroke={colour}
          strokeWidth={2}
        />
      )}
      <text
        x={x}
        y={y + 30 + row * 17}
        textAnchor="middle"
        fontSize={15}
        fontWeight={mark.state === 'active' ? 700 : 600}
        fill={colour}
      >
        {mark.text}
      </text>
    </g>
  )
}
