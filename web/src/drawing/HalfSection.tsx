import { useId } from 'react'
import { formatInchFraction, formatMm, type Unit } from '../domain/length'
import { layerName } from '../domain/words'
import { heightOf, heightsPx, scaleOf, type Interval, type SectionShape } from './axis'
import { ItemBodies } from './ItemBodies'
import { ItemOutlines } from './ItemOutlines'
import { layerFill, Patterns } from './Patterns'
import { markRows, Tape, type DrawnMark } from './Tape'
import { useWidth } from './useWidth'

export type ShortLap = { part: string; end: 'A' | 'B' | null; of: string }

type HalfSectionProps = {
  section: SectionShape
  marks: DrawnMark[]
  /** Where the datum of each end lies along the axis. */
  origins: { end: 'A' | 'B'; atMm: number }[]
  unit: Unit
  /** One end only, as on a phone; null for the whole accessory. */
  only: 'A' | 'B' | null
  shortLaps: ShortLap[]
  /** Centre of the lug's hole, on a termination. */
  lugHoleMm: number | null
  onPick?: (end: 'A' | 'B', layer: string) => void
  caption: string
  /** How high it may be, in pixels; null: as high as it is. Where there is little, the layers give way to the tape. */
  room: number | null
}

const TALLEST = 88
/** Where there is nothing but room. */
const MOST = 150
const THINNEST = 6
/** Between the outlines of two parts: room for one label. */
const STEP = 24

/** Shares the height out: the tape first, then the layers, then the outlines of the parts, which lose their labels where there is no room. */
export function proportions(
  room: number | null,
  parts: number,
  rows: number,
): Record<'tallest' | 'step' | 'above' | 'below', number> {
  const below = 74 + 17 * rows
  const above = parts > 0 ? 40 : 14
  if (room !== null && parts === 0 && room > above + below + TALLEST)
    return { tallest: Math.min(MOST, room - above - below), step: STEP, above, below }
  if (room === null || room >= above + below + TALLEST + parts * STEP) return { tallest: TALLEST, step: STEP, above, below }
  const left = room - below - 14
  if (left < 36) return { tallest: 0, step: 0, above: 2, below }
  const tallest = Math.min(TALLEST, Math.max(36, left - parts * 5))
  return { tallest, step: Math.max(0, Math.min(STEP, (left - tallest) / Math.max(1, parts))), above: 14, below }
}

/** How far what lies on the cable stands out past its largest layer, as a part of that; a little at least, so that it is seen. */
function proud(items: SectionShape['items'], layers: { radiusMm: number }[]): number {
  const largest = Math.max(1, ...layers.map((layer) => layer.radiusMm))
  const outside = Math.max(largest, ...items.flatMap((item) => item.outline.map((one) => one.outsideMm)))
  return Math.min(1, outside / largest - 1)
}

/** What goes on as a whole is named; what is wound and laid is seen, and named in the list of margins. */
const isNamed = (item: SectionShape['items'][number]): boolean => ['tube', 'body', 'pushed', 'moulded'].includes(item.nature)

/** What is drawn of it, and how large. */
function layoutOf(
  { section, marks, only, lugHoleMm, room }: Pick<HalfSectionProps, 'section' | 'marks' | 'only' | 'lugHoleMm' | 'room'>,
  width: number,
) {
  const scale = scaleOf(section, only, width, only ? 14 : 24, lugHoleMm === null ? [] : [lugHoleMm - section.connector.radiusMm])
  const layers = section.layers.filter((layer) => only === null || layer.end === only)
  const items = only === null ? section.items : section.items.filter((item) => item.end === null || item.end === only)
  const named = only === null ? items.filter(isNamed) : []
  const shownMarks = marks.filter((mark) => only === null || mark.end === only)
  const { tallest, step, above, below } = proportions(room, named.length, Math.max(0, ...markRows(shownMarks, scale)))
  const heights = heightsPx([...layers, section.connector], tallest, Math.min(THINNEST, tallest / 8))
  const axisY = above + named.length * step + tallest * (1 + proud(items, [...layers, section.connector]))
  // Only the tape is left, and hardly that: one number, not two on each other.
  const isTight = room !== null && tallest === 0 && room < below
  const texts = isTight ? shownMarks.map((mark) => (mark.state === 'active' ? mark : { ...mark, text: '' })) : shownMarks
  return { scale, layers, items, named, shownMarks: texts, tallest, step, above, below, heights, axisY }
}

/** The accessory along its axis, upper half only, on a tape. A rendering of the section and of nothing else. */
export function HalfSection(props: HalfSectionProps) {
  const { section, origins, unit, only, shortLaps, lugHoleMm, onPick, caption } = props
  const id = useId()
  const [ref, width] = useWidth<HTMLDivElement>(only ? 390 : 1200)
  const { scale, layers, items, named, shownMarks, tallest, step, above, below, heights, axisY } = layoutOf(props, width)
  const isJoint = section.layers.some((layer) => layer.end === 'B')
  const tall = axisY + below
  const height = (one: Interval) => heights.get(one.key) ?? 0
  return (
    <div ref={ref} className="w-full overflow-hidden contain-inline-size">
      <svg
        width={width}
        height={tall}
        viewBox={`0 0 ${width} ${tall}`}
        role="img"
        aria-label={caption}
        className="block font-sans print:h-auto print:w-full"
      >
        <Patterns id={id} />
        {isJoint && only === null && (
          <>
            <line x1={scale.x(0)} x2={scale.x(0)} y1={18} y2={axisY} stroke="var(--color-ink)" strokeDasharray="14 5 3 5" />
            <text x={scale.x(0)} y={14} textAnchor="middle" fontSize={14} fill="var(--color-mute)">
              centre
            </text>
          </>
        )}
        <ItemOutlines
          items={named}
          scale={scale}
          axisY={axisY}
          tallest={axisY - above - named.length * step}
          step={step}
          unit={unit}
        />
        {layers.map((layer) => (
          <Block
            key={`${layer.end}${layer.key}`}
            one={layer}
            fill={layerFill(id, layer.key)}
            scale={scale}
            axisY={axisY}
            height={height(layer)}
            unit={unit}
            onPick={onPick}
          />
        ))}
        {only === null && (
          <Block
            one={section.connector}
            fill={layerFill(id, 'connector')}
            scale={scale}
            axisY={axisY}
            height={height(section.connector)}
            unit={unit}
          />
        )}
        {tallest > 0 && (
          <ItemBodies
            id={id}
            items={items}
            scale={scale}
            axisY={axisY}
            heightOf={heightOf([...layers, section.connector], heights)}
          />
        )}
        {lugHoleMm !== null && (
          <Palm holeMm={lugHoleMm} connector={section.connector} x={scale.x} axisY={axisY} height={height(section.connector)} />
        )}
        {shortLaps.map((lap) => (
          <ShortLapBracket key={`${lap.part} ${lap.end}`} lap={lap} section={section} x={scale.x} y={axisY - tallest - 10} />
        ))}
        <line x1={0} x2={width} y1={axisY} y2={axisY} stroke="var(--color-ink)" strokeWidth={2} />
        <Tape
          marks={shownMarks}
          origins={origins.filter((one) => only === null || one.end === only)}
          scale={scale}
          y={axisY}
          width={width}
          unit={unit}
          isJoint={isJoint}
          onPick={onPick}
        />
      </svg>
    </div>
  )
}

type BlockProps = {
  one: Interval
  fill: string
  scale: { x: (mm: number) => number }
  axisY: number
  height: number
  unit: Unit
  onPick?: HalfSectionProps['onPick']
}

/** A layer or the connector: solid once it is cut, dashed while it is planned, and thick-ruled where it is out. */
function Block({ one, fill, scale, axisY, height, unit, onPick }: BlockProps) {
  const [x, right] = [scale.x(one.fromMm), scale.x(one.toMm)]
  const isOut = one.standing === 'out'
  const length = unit === 'in' ? `${formatInchFraction(one.toMm - one.fromMm)} in` : `${formatMm(one.toMm - one.fromMm)} mm`
  const place = { x, width: Math.max(0, right - x), y: axisY - height, height }
  return (
    <g
      className="glide"
      style={{ cursor: onPick && one.end ? 'pointer' : undefined }}
      onClick={() => one.end && onPick?.(one.end, one.key)}
    >
      <rect {...place} fill="var(--color-chalk)" />
      <rect
        className="glide"
        {...place}
        fill={fill}
        fillOpacity={one.standing === 'planned' ? 0.6 : 1}
        stroke={isOut ? 'var(--color-out)' : one.standing === 'planned' ? 'var(--color-plan)' : 'var(--color-ink)'}
        strokeWidth={isOut ? 4 : 1.5}
        strokeDasharray={one.standing === 'planned' ? '5 4' : undefined}
      >
        <title>{`${layerName(one.name, unit)}, ${length}`}</title>
      </rect>
    </g>
  )
}

/** Red posts round the stretch where a part lies too little on the layer beneath. */
function ShortLapBracket({ lap, section, x, y }: { lap: ShortLap; section: SectionShape; x: (mm: number) => number; y: number }) {
  const layer = section.layers.find((one) => one.end === lap.end && one.key === lap.of)
  if (!layer) return null
  const [left, right] = [x(layer.fromMm), x(layer.toMm)]
  return (
    <path
      d={`M${left} ${y - 6}v12M${left} ${y}H${right}M${right} ${y - 6}v12`}
      stroke="var(--color-out)"
      strokeWidth={2.5}
      fill="none"
    />
  )
}

/** The lug's palm, seen from its edge, and the centre line of its hole. */
function Palm({
  holeMm,
  connector,
  x,
  axisY,
  height,
}: {
  holeMm: number
  connector: Interval
  x: (mm: number) => number
  axisY: number
  height: number
}) {
  const left = x(holeMm - connector.radiusMm)
  return (
    <g stroke="var(--color-ink)" strokeWidth={1.5} opacity={connector.standing === 'planned' ? 0.7 : 1}>
      <rect
        x={left}
        y={axisY - height * 0.3}
        width={x(connector.fromMm) - left}
        height={height * 0.3}
        fill="var(--color-metal)"
      />
      <line x1={x(holeMm)} x2={x(holeMm)} y1={axisY - height * 0.55} y2={axisY} strokeDasharray="8 3 2 3" />
    </g>
  )
}
