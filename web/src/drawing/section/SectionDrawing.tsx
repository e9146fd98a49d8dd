import { memo, useId, type PointerEvent } from 'react'
import { sayMark, type Unit } from '../../domain/length'
import { BodyPatterns, bodyFill } from './BodyPatterns'
import { Breaks } from './Breaks'
import { DiameterRule } from './DiameterRule'
import { FlagTexts } from './FlagTexts'
import { LayerNames } from './LayerNames'
import { measure, TEXT } from './measure'
import { CoreNames, OtherCores } from './OtherCores'
import type { Drawing, Lane } from './plan'
import { Ruler } from './Ruler'
import { useDrawing, type Sized } from './useDrawing'

export type Touched = { mm: number; radiusMm: number; lane: Lane['is'] }
export type Bracket = {
  fromMm: number
  toMm: number
  isShort: boolean
  isOfCable: boolean
  /** How much it is, set within the bodies, where no name stands. */
  text?: string
}

type Props = Sized & {
  lit: string | null
  bracket: Bracket | null
  title: string
  onTouch?: (touched: Touched) => void
  /** Another core was touched: it is to be opened. */
  onCore?: (core: number) => void
}

/** The accessory opened along its axis: bodies on what lies beneath them, names that meet nothing, both scales stated. */
export const SectionDrawing = memo(function SectionDrawing(props: Props) {
  const { section, unit, width, lit, bracket, title, onTouch, onCore } = props
  const id = useId().replaceAll(':', '')
  const { drawing, flags, left, right, isWide, isJoint } = useDrawing(props)
  const { bottom } = drawing
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
      className="block touch-manipulation font-sans print:h-auto print:w-full"
      onPointerDown={touch}
      data-section
    >
      <BodyPatterns id={id} />
      <rect width={width} height={tall} fill="var(--color-chalk)" />
      {drawing.outside.length > 0 && <OtherCores id={id} drawing={drawing} onCore={onCore} />}
      {drawing.lanes.map((lane) => (
        <LaneBodies key={lane.is} id={id} lane={lane} lit={lit} left={left} right={right} />
      ))}
      {drawing.lanes.map((lane) => (
        <Breaks key={lane.is} map={drawing.map} span={spanOf(drawing, lane)} />
      ))}
      <CoreNames drawing={drawing} />
      {isWide && <LayerNames drawing={drawing} at={isJoint ? left : right} isLeft={isJoint} unit={unit} />}
      {drawing.lanes.map((lane, i) => (
        <FlagTexts key={lane.is} flags={flags[i]} lane={lane} map={drawing.map} lit={lit} />
      ))}
      {bracket && <BracketMark bracket={bracket} drawing={drawing} edges={[left, right]} />}
      {isWide &&
        drawing.lanes.map((lane) => (
          <DiameterRule key={lane.is} lane={lane} x={isJoint ? right + 8 : left - 8} isLeft={!isJoint} unit={unit} />
        ))}
      {!props.isBare && (
        <>
          <Ruler section={section} map={drawing.map} y={bottom} left={left} right={right} unit={unit} />
          <text x={left} y={tall - 4} fontSize={TEXT} fill="var(--color-mute)" data-label>
            {scaleText(drawing, section.core, unit, isWide)}
          </text>
        </>
      )}
    </svg>
  )
})

/** What a break goes through: a lane, or all cores together. */
function spanOf({ outside, bottom }: Drawing, lane: Lane): [number, number] {
  const above = outside[0]?.across.axisY
  return above === undefined || lane.is === 'cable' ? [lane.top - 6, lane.across.axisY + 2] : [above - 14, bottom - 2]
}

/** Both scales as they are on this screen, at 96 pixels an inch. */
function scaleText({ map, lanes, outside }: Drawing, core: number, unit: Unit, isWide: boolean): string {
  const across = lanes.map((lane) => tenth(lane.across.pxPerMm / map.pxPerMm)).join(' and ')
  const leftOut = map.breaks.reduce((sum, one) => sum + one.leftOutMm, 0)
  const along = 96 / 25.4 / map.pxPerMm
  const scale = along >= 1 ? `along 1 : ${tenth(along)}` : `along ${tenth(1 / along)} : 1`
  const parts = [
    outside.length > 0 ? `core ${core} opened` : '',
    scale,
    `across ${across} times that`,
    leftOut > 0 && isWide ? `${sayMark(leftOut, unit)} left out at breaks` : '',
  ]
  return parts.filter((one) => one !== '').join(', ')
}

const tenth = (value: number): string => String(Math.round(value * 10) / 10)

const LaneBodies = memo(function LaneBodies({
  id,
  lane,
  lit,
  left,
  right,
}: {
  id: string
  lane: Lane
  lit: string | null
  left: number
  right: number
}) {
  return (
    <g data-bodies>
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
})

/** The thinnest margin where it is: a frame round it, and how much it is. */
function BracketMark({ bracket, drawing, edges }: { bracket: Bracket; drawing: Drawing; edges: [number, number] }) {
  const lane = drawing.lanes.find((one) => (one.is === 'cable') === bracket.isOfCable) ?? drawing.lanes[0]
  if (!lane) return null
  const [from, to] = [drawing.map.x(bracket.fromMm), drawing.map.x(bracket.toMm)]
  const half = measure(bracket.text ?? '') / 2 + 4
  const box = { x: from, y: lane.top - 2, width: Math.max(3, to - from), height: lane.across.axisY - lane.top + 2, fill: 'none' }
  return (
    <g>
      <rect {...box} stroke="var(--color-chalk)" strokeWidth={5} />
      <rect {...box} stroke={bracket.isShort ? 'var(--color-out)' : 'var(--color-inside)'} strokeWidth={2.4} />
      {bracket.text && (
        <text
          x={Math.min(edges[1] - half, Math.max(edges[0] + half, (from + to) / 2))}
          y={lane.across.axisY - 8}
          textAnchor="middle"
          fontSize={TEXT}
          fontWeight={700}
          fill="var(--color-ink)"
          stroke="var(--color-chalk)"
          strokeWidth={5}
          paintOrder="stroke"
          data-label
        >
          {bracket.text}
        </text>
      )}
    </g>
  )
}
