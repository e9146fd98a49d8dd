import type { Section } from './rules'

/** The same facts as the drawing, for whoever does not see it. */
export function FactTable({
  section,
  name,
  mark,
}: {
  section: Section
  name: (layer: string) => string
  mark: (mm: number) => string
}) {
  const widest = (outline: Section['items'][number]['outline'], of: 'insideMm' | 'outsideMm') =>
    outline.length === 0 ? 0 : 2 * Math.max(...outline.map((one) => one[of]))
  return (
    <table className="sr-only">
      <caption>What lies where, from the middle of the joint or the end of the conductor</caption>
      <thead>
        <tr>
          {['what', 'end', 'from', 'to', 'planned', 'diameter beneath', 'diameter over it'].map((one) => (
            <th key={one} scope="col">
              {one}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {section.layers.map((one) => (
          <tr key={`${one.key} ${one.end}`}>
            <th scope="row">{name(one.name)}</th>
            <td>{one.end}</td>
            <td>{mark(Math.abs(one.fromMm))}</td>
            <td>{mark(Math.abs(one.toMm))}</td>
            <td />
            <td />
            <td>{mark(2 * one.radiusMm)}</td>
          </tr>
        ))}
        {section.items.map((one) => (
          <tr key={`${one.key} ${one.end} ${one.fromMm}`}>
            <th scope="row">{one.name}</th>
            <td>{one.end ?? 'both'}</td>
            <td>{mark(Math.abs(one.fromMm))}</td>
            <td>{mark(Math.abs(one.toMm))}</td>
            <td>{one.planned ? `${mark(Math.abs(one.planned.fromMm))} to ${mark(Math.abs(one.planned.toMm))}` : 'so'}</td>
            <td>{mark(widest(one.outline, 'insideMm'))}</td>
            <td>{mark(widest(one.outline, 'outsideMm'))}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
