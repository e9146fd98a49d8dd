import { memo } from 'react'
import { bodyFill } from './BodyPatterns'
import type { Outside } from './outside'
import { measure, TEXT } from './measure'
import type { Drawing } from './plan'

/** The cable out of which the cores come, and those of them that are not opened; touched, one is. */
export const OtherCores = memo(function OtherCores({
  id,
  drawing,
  onCore,
}: {
  id: string
  drawing: Drawing
  onCore: ((core: number) => void) | undefined
}) {
  return (
    <g>
      {drawing.outside.map((one) => (
        <OtherCore key={one.core} id={id} one={one} onCore={onCore} />
      ))}
      {drawing.trunks.map((one) => (
        <path key={one.key} d={one.d} fill={bodyFill(id, one.pattern)} stroke="var(--color-ink)" />
      ))}
    </g>
  )
})

function OtherCore({ id, one, onCore }: { id: string; one: Outside; onCore: ((core: number) => void) | undefined }) {
  return (
    <g className={onCore && 'cursor-pointer'} onPointerDown={() => onCore?.(one.core)}>
      {one.bodies.map((body) => (
        <path key={`${body.of} ${body.key}`} d={body.d} fill={bodyFill(id, body.pattern)} stroke="var(--color-ink)" />
      ))}
    </g>
  )
}

/** Upon the breaks, and beside them. */
export function CoreNames({ drawing }: { drawing: Drawing }) {
  return (
    <g fontSize={TEXT} stroke="var(--color-chalk)" strokeWidth={5} paintOrder="stroke" className="pointer-events-none">
      {drawing.outside.map((one) => (
        <text key={one.core} x={nameX(one, drawing)} y={one.across.axisY + 5} fill="var(--color-ink)" data-label>
          {nameOf(one)}
        </text>
      ))}
    </g>
  )
}

const nameOf = (one: Outside): string => `core ${one.core}`

/** After the crotch, where no break goes through it. */
function nameX(one: Outside, { map }: Drawing): number {
  const width = measure(nameOf(one))
  return map.breaks.reduce((x, { x: at }) => (at > x - 10 && at < x + width + 8 ? at + 10 : x), one.nameX)
}
