import { memo, useId, useMemo, type PointerEvent } from 'react'
import { formatInchFraction, sayMark, type Unit } from '../../domain/length'
import { layerName } from '../../domain/words'
import type { AxisMap } from './axisMap'
import { BodyPatterns, bodyFill } from './BodyPatterns'
import { placeBeside, placeFlags, type Flags } from './labels'
import { DiameterRule } from './DiameterRule'
import { measure } from './measure'
import { useFonts } from './useFonts'
import { drawingOf, type Drawing, type Lane } from './plan'
import { Ruler } from './Ruler'
import type { Section } from './state'

export type Touched = { mm: number; radiusMm: number; lane: Lane['is'] }
export type Bracket = { fromMm: number; toMm: number; isShort: boolean; isOfCable: boolean }

type Props = {
  section: Section
  stage: number | null
  unit: Unit
  width: number
  /** Of the bodies. */
  height: number
  /** A part of the axis; null: all of it. */
  range: [number, number] | null
  lit: string | null
  bracket: Bracket | null
  title: string
  /** Bodies only: no names and no tape. */
  isBare?: boolean
  only?: Lane['is'] | null
  onTouch?: (touched: Touched) => void
}

const TEXT = 14
const ROW = 19
const MOST_ROWS = 4
/** Beside the drawing stand the names of the layers, where there is room for them. */
const BESIDE = 700
/** For the figures of diameters. */
const SCALE_ROOM = { mm: 62, in: 92 }

type Sized = Pick<Props, 'section' | 'stage' | 'unit' | 'width' | 'height' | 'range' | 'isBare' | 'only'>

export function useDrawing({ section, stage, unit, width, height, range, isBare = false, only = null }: Sized) {
  const round = useFonts()
  return useMemo(() => {
    const isWide = width >= BESIDE && !isBare
    const names = isWide ? Math.max(0, ...section.layers.map((one) => measure(layerName(one.name, unit), round))) : 0
    // The names stand where the cable leaves the drawing, the diameters on the other side.
    const isJoint = section.layers.some((one) => one.end === 'B')
    const beside = isWide ? [names + 44, SCALE_ROOM[unit]] : [12, 12]
    const [left, right] = [(isJoint ? beside[0] : beside[1]) ?? 12, width - ((isJoint ? beside[1] : beside[0]) ?? 12)]
    const room = { left, right, height, stage, range, only }
    const bare = drawingOf(section, { ...room, tops: [0, 0] })
    const flags = bare.lanes.map((lane) =>
      placeFlags(
        isBare ? [] : flagsOf(lane, unit),
        (text) => measure(text, round),
        isWide ? right : width - 6,
        bare.lanes.length === 1 ? MOST_ROWS : lane.is === 'cable' ? 2 : 3,
      ),
    )
    const [above, between] = flags.map((one) => 14 + one.rows * ROW)
    const drawing = drawingOf(section, { ...room, tops: [above ?? 0, (between ?? 0) + 4] })
    return { drawing, flags, rest: flags.flatMap((one) => one.rest), left, right, isWide, isJoint }
  }, [section, stage, unit, width, height, range, isBare, only, round])
}

/** What comes as a whole or is wound is named by a flag, with its length; both ends of a joint carry the same, so one is named. */
function flagsOf(lane: Lane, unit: Unit) {
  const named = new Set<string>()
  return lane.items.flatMap((item) => {
    const body = lane.bodies.find((one) => one.of === 'item' && one.key === `${item.key} ${item.end ?? ''} ${item.fromMm}`)
    if (!body || named.has(item.key)) return []
    named.add(item.key)
    const text =
      item.nature === 'tube' || item.nature === 'body' ? `${item.name} ${length(item.toMm - item.fromMm, unit)}` : item.name
    return [{ key: item.key, text, fromX: body.fromX, toX: body.toX }]
  })
}

const length = (mm: number, unit: Unit): string => (unit === 'in' ? `${formatInchFraction(mm)} in` : String(Math.round(mm)))

/** The accessory opened along its axis: bodies on what lies beneath them, names that meet nothing, both scales stated. */
export const SectionDrawing = memo(function SectionDrawing(props: Props) {
  const { section, unit, width, lit, bracket, title, onTouch } = props
  const id = useId().replaceAll(':', '')
  const { drawing, flags, left, right, isWide, isJoint } = useDrawing(props)
  const bottom = Math.max(...drawing.lanes.map((lane) => lane.across.axisY))
  const tall = bottom + (props.isBare ? 4 : 66)
  const touch = (event: PointerEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect()
    const [x, y] = [event.clientX - box.left, event.clientY - box.top]
    const lane = drawing.lanes.find((one) => y >= one.top - 4 && y <= one.across.axisY)
    if (lane) onTouch?.({ mm: drawing.map.mm(x), radiusMm: (lane.across.axisY - y) / lane.across.pxPerMm, lane: lane.is })
  }
  return (
    <svg
      width={width}
      height={tall}
      viewBox={`0 0 ${width} ${tall}`}
      role="img"
      aria-label={title}
      className="block touch-manipulation font-sans"
      onPointerDown={touch}
      data-section
    >
      <BodyPatterns id={id} />
      <rect width={width} height={tall} fill="var(--color-chalk)" />
      {drawing.lanes.map((lane) => (
        <LaneBodies key={lane.is} id={id} lane={lane} lit={lit} left={left} right={right} />
      ))}
      {drawing.lanes.map((lane) => (
        <Breaks key={lane.is} map={drawing.map} lane={lane} />
      ))}
      {isWide && <LayerNames drawing={drawing} at={isJoint ? left : right} isLeft={isJoint} unit={unit} />}
      {drawing.lanes.map((lane, i) => (
        <FlagTexts key={lane.is} flags={flags[i]} lane={lane} map={drawing.map} lit={lit} />
      ))}
      {bracket && <BracketMark bracket={bracket} drawing={drawing} />}
      {isWide &&
        drawing.lanes.map((lane) => (
          <DiameterRule key={lane.is} lane={lane} x={isJoint ? right + 8 : left - 8} isLeft={!isJoint} unit={unit} />
        ))}
      {!props.isBare && (
        <>
          <Ruler section={section} map={drawing.map} y={bottom} left={left} right={right} unit={unit} />
          <text x={left} y={tall - 4} fontSize={TEXT} fill="var(--color-mute)" data-label>
            {scaleText(drawing, unit, isWide)}
          </text>
        </>
      )}
    </svg>
  )
})

/** Both scales as they are on this screen, at 96 pixels an inch. */
function scaleText({ map, lanes }: Drawing, unit: Unit, isWide: boolean): string {
  const across = lanes.map((lane) => tenth(lane.across.pxPerMm / map.pxPerMm)).join(' and ')
  const leftOut = map.breaks.reduce((sum, one) => sum + one.leftOutMm, 0)
  const along = 96 / 25.4 / map.pxPerMm
  const scale = along >= 1 ? `along 1 : ${tenth(along)}` : `along ${tenth(1 / along)} : 1`
  const parts = [
    scale,
    `across ${across} times that`,
    leftOut > 0 && isWide ? `${sayMark(leftOut, unit)} left out at breaks` : '',
  ]
  return parts.filter((one) => one !== '').join(', ')
}

const tenth = (value: number): string => String(Math.round(value * 10) / 10)

const LaneBodies = memo(function LaneBodies({
  id, lane, lit, left, right,
}: { id: string; lane: Lane; lit: string | null; left: number; right: number }) {
  return (
    <g>
      {lane.bodies.map((body) => (
        <path
          key={`${body.of} ${body.key}`}
          d={body.d}
          fill={bodyFill(id, body.pattern)}
          stroke={lit !== null && body.key.startsWith(`${lit} `) ? 'var(--color-plan)' : 'var(--color-ink)'}
          strokeWidth={lit !== null && body.key.startsWith(`${lit} `) ? 3 : 1}
        />
      ))}
      <line x1={left} x2={right} y1={lane.across.axisY} y2={lane.across.axisY} stroke="var(--color-ink)" strokeWidth={1.5} />
    </g>
  )
}) // prettier-ignore

/** A plain stretch is left out here: two slanting lines with nothing between. */
function Breaks({ map, lane }: { map: AxisMap; lane: Lane }) {
  const [from, to] = [lane.top - 6, lane.across.axisY + 2]
  return (
    <g>
      {map.breaks.map(({ x }) => (
        <g key={x}>
          <path d={`M${x - 1} ${from}l4 ${(to - from) / 2}l-6 0l4 ${(to - from) / 2}h3l-4 ${-(to - from) / 2}h6l-4 ${-(to - from) / 2}z`} fill="var(--color-chalk)" />
          <path d={`M${x - 4} ${from}l5 ${(to - from) / 2}l-5 ${(to - from) / 2}M${x + 2} ${from}l5 ${(to - from) / 2}l-5 ${(to - from) / 2}`} fill="none" stroke="var(--color-mute)" />
        </g>
      ))}
    </g>
  ) // prettier-ignore
}

/** The layers, each with a line to where it is cut through at the edge of the drawing. */
function LayerNames({ drawing, at, isLeft, unit }: { drawing: Drawing; at: number; isLeft: boolean; unit: Unit }) {
  const out = isLeft ? -1 : 1
  const names = drawing.lanes.flatMap((lane) => {
    const own = lane.layers.filter((one) => one.end === 'A' || lane.layers.every((other) => other.end !== 'A'))
    const sorted = [...own].sort((a, b) => b.radiusMm - a.radiusMm)
    return sorted.map((layer, i) => {
      const middle = (layer.radiusMm + (sorted[i + 1]?.radiusMm ?? 0)) / 2
      return { name: layerName(layer.name, unit), y: lane.across.axisY - middle * lane.across.pxPerMm }
    })
  })
  const bottom = Math.max(...drawing.lanes.map((lane) => lane.across.axisY))
  const places = placeBeside(names.map((one) => one.y), 18, 16, bottom + 4) // prettier-ignore
  return (
    <g fontSize={TEXT} fill="var(--color-ink)">
      {names.map(({ name, y }, i) => (
        <g key={`${name} ${y}`}>
          <path d={`M${at + out * 34} ${places[i] ?? y}L${at + out * 8} ${y}H${at - out * 6}`} fill="none" stroke="var(--color-ink)" strokeWidth={0.9} />
          <circle cx={at - out * 6} cy={y} r={2} />
          <text x={at + out * 40} y={(places[i] ?? y) + 5} textAnchor={isLeft ? 'end' : 'start'} data-label>
            {name}
          </text>
        </g>
      ))}
    </g>
  )
} // prettier-ignore

function FlagTexts({ flags, lane, map, lit }: { flags: Flags | undefined; lane: Lane; map: AxisMap; lit: string | null }) {
  return (
    <g fontSize={TEXT}>
      {flags?.placed.map((flag) => {
        const y = lane.top - 8 - flag.row * ROW
        const foot = footOf(flag.key, map.mm(flag.x), lane)
        const colour = lit === flag.key ? 'var(--color-plan)' : 'var(--color-ink)'
        return (
          <g key={flag.key}>
            <path d={`M${flag.x} ${y - 12}V${foot}`} stroke="var(--color-chalk)" strokeWidth={3.4} />
            <path d={`M${flag.x} ${y - 12}V${foot}`} stroke={colour} strokeWidth={1} data-leader />
            <circle cx={flag.x} cy={foot} r={2.2} fill={colour} />
            <text x={flag.x + 5} y={y} fill={colour} fontWeight={lit === flag.key ? 700 : 400} data-label>
              {flag.text}
            </text>
          </g>
        )
      })}
    </g>
  )
}

/** Where a leader ends: in the middle of its body's wall. */
function footOf(key: string, mm: number, lane: Lane): number {
  const own = lane.items.filter((one) => one.key === key)
  const on = own.flatMap((one) => one.outline).find((one) => one.fromMm <= mm && one.toMm >= mm) ?? own[0]?.outline[0]
  return on ? lane.across.axisY - ((on.insideMm + on.outsideMm) / 2) * lane.across.pxPerMm : lane.top
}

/** The thinnest margin where it is: two posts round it, and its figure. */
function BracketMark({ bracket, drawing }: { bracket: Bracket; drawing: Drawing }) {
  const lane = drawing.lanes.find((one) => (one.is === 'cable') === bracket.isOfCable) ?? drawing.lanes[0]
  if (!lane) return null
  const [from, to] = [drawing.map.x(bracket.fromMm), drawing.map.x(bracket.toMm)]
  const box = { x: from, y: lane.top - 2, width: Math.max(3, to - from), height: lane.across.axisY - lane.top + 2, fill: 'none' }
  return (
    <g>
      <rect {...box} stroke="var(--color-chalk)" strokeWidth={5} />
      <rect {...box} stroke={bracket.isShort ? 'var(--color-out)' : 'var(--color-inside)'} strokeWidth={2.4} />
    </g>
  )
}
