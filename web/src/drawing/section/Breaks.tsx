import type { AxisMap } from './axisMap'

/** A plain stretch is left out here: two slanting lines with nothing between. */
export function Breaks({ map, span: [from, to] }: { map: AxisMap; span: [number, number] }) {
  const half = (to - from) / 2
  return (
    <g>
      {map.breaks.map(({ x }) => (
        <g key={x}>
          <path d={`M${x - 1} ${from}l4 ${half}l-6 0l4 ${half}h3l-4 ${-half}h6l-4 ${-half}z`} fill="var(--color-chalk)" />
          <path
            d={`M${x - 4} ${from}l5 ${half}l-5 ${half}M${x + 2} ${from}l5 ${half}l-5 ${half}`}
            fill="none"
            stroke="var(--color-mute)"
          />
        </g>
      ))}
    </g>
  )
}
