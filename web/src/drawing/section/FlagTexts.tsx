import type { AxisMap } from './axisMap'
import { ROW, type Flags } from './labels'
import { TEXT } from './measure'
import type { Lane } from './plan'

/** Names above the drawing, each with a line to the middle of its body. */
export function FlagTexts({ flags, lane, map, lit }: { flags: Flags | undefined; lane: Lane; map: AxisMap; lit: string | null }) {
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
