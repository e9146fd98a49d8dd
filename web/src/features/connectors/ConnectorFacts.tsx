import type { Connector } from '../../api/types'
import { sayFine } from '../../domain/length'
import { say } from '../../domain/sentence'
import { useUnit } from '../../ui/UnitContext'

/** What a connector's sheet says, figure by figure. */
export function ConnectorFacts({ connector }: { connector: Connector }) {
  const unit = useUnit()
  const figures: [string, number | null][] = [
    [connector.kind === 'lug' ? 'Length of the barrel' : 'Length over all', connector.lengthMm],
    ['Diameter over the barrel', connector.diameterMm],
    ...connector.barrels.flatMap((barrel, i): [string, number][] => [
      [i === 0 ? 'Bore' : 'Bore of the other side', barrel.boreMm],
      [i === 0 ? 'Bore depth' : 'Bore depth of the other side', barrel.depthMm],
    ]),
    ['Hole centre to barrel mouth', connector.holeToMouthMm],
  ]
  return (
    <>
      <p className="text-label text-mute">
        {connector.maker} · {connector.id}, revision {connector.revision} · takes{' '}
        {connector.barrels.map((barrel) => barrel.materials.join(' and ')).join('; other side ')}
      </p>
      <dl className="border-t border-line">
        {figures.map(
          ([name, mm]) =>
            mm !== null && (
              <div key={name} className="flex justify-between gap-4 border-b border-line py-1.5">
                <dt>{name}</dt>
                <dd className="font-semibold">{sayFine(mm, unit)}</dd>
              </div>
            ),
        )}
      </dl>
      <p>{connector.method}</p>
      <ul>
        {connector.details.map((sentence, index) => (
          <li key={index}>{say(sentence, unit)}</li>
        ))}
      </ul>
    </>
  )
}
