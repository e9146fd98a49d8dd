import { useState } from 'react'
import type { CableType } from '../api/types'
import { sayFine, sayMark } from '../domain/length'
import { sayTemperature } from '../domain/temperature'
import { layerName } from '../domain/words'
import { CrossSection } from '../drawing/CrossSection'
import { useUnit } from '../ui/UnitContext'

/** A cable type layer by layer: touch one for its figures and where they come from. */
export function CableFacts({ cable }: { cable: CableType }) {
  const unit = useUnit()
  const [active, setActive] = useState<string>('insulation')
  const layer = cable.layers.find((one) => one.layer === active)
  return (
    <div className="grid gap-4">
      <CrossSection
        unit={unit}
        cores={cable.cores}
        isSector={cable.conductorShape === 'sector'}
        active={active}
        onPick={setActive}
        rings={cable.layers.map((one) => ({ layer: one.layer, nominalMm: one.diameterMm, measuredMm: null }))}
      />
      {layer && (
        <div className="border-l-4 border-plan pl-3">
          <p className="font-semibold">
            Over the {layerName(layer.layer, unit).toLowerCase()} {sayFine(layer.diameterMm, unit)}
            {layer.minMm !== null && layer.maxMm !== null && (
              <span className="font-normal text-mute">
                {' '}
                · {sayFine(layer.minMm, unit)} to {sayFine(layer.maxMm, unit)}
              </span>
            )}
          </p>
          <p className="text-label">
            {layer.basis}: {layer.source || 'no source was given'}
          </p>
        </div>
      )}
      <Layers cable={cable} active={active} onPick={setActive} />
      <Constants cable={cable} />
    </div>
  )
}

function Layers({ cable, active, onPick }: { cable: CableType; active: string; onPick: (layer: string) => void }) {
  const unit = useUnit()
  return (
    <table className="w-full text-left">
      <thead>
        <tr className="border-b-2 border-ink text-label text-mute">
          <th className="py-1 font-normal">diameter over</th>
          <th className="text-right font-normal">nominal, {unit}</th>
          <th className="text-right font-normal">window</th>
          <th className="pl-4 font-normal">basis</th>
        </tr>
      </thead>
      <tbody>
        {cable.layers.map((layer) => (
          <tr
            key={layer.layer}
            className={`cursor-pointer border-b border-line hover:bg-soft ${layer.layer === active ? 'bg-soft font-semibold' : ''}`}
            onClick={() => onPick(layer.layer)}
          >
            <td>
              <button type="button" className="min-h-11 text-left" aria-current={layer.layer === active || undefined}>
                {layerName(layer.layer, unit)}
              </button>
            </td>
            <td className="text-right">{sayFine(layer.diameterMm, unit).replace(/ \w+$/, '')}</td>
            <td className="text-right whitespace-nowrap text-mute">
              {layer.minMm !== null && layer.maxMm !== null
                ? `${sayFine(layer.minMm, unit).replace(/ \w+$/, '')} to ${sayFine(layer.maxMm, unit).replace(/ \w+$/, '')}`
                : '–'}
            </td>
            <td className="pl-4 text-label text-mute">{layer.basis}</td>
          </tr>
        ))}
        {cable.unknown.map((layer) => (
          <tr key={layer} className="border-b border-line text-mute">
            <td className="py-2.5">{layerName(layer, unit)}</td>
            <td className="text-right" colSpan={2}>
              not known: measure it
            </td>
            <td />
          </tr>
        ))}
      </tbody>
    </table>
  )
}

function Constants({ cable }: { cable: CableType }) {
  const unit = useUnit()
  const { constants, handling } = cable
  const rows = [
    constants.resistanceOhmPerKm !== null && [
      'DC resistance at 20 °C',
      `${constants.resistanceOhmPerKm.toPrecision(3)} Ω/km`,
      constants.resistanceSource,
    ],
    constants.capacitanceMicrofaradPerKm !== null && [
      'Capacitance to the screen',
      `${constants.capacitanceMicrofaradPerKm.toFixed(3)} µF/km`,
      'IEC 60287-1-1',
    ],
    handling.bendingRadiusMm !== null && [
      'Least bending radius',
      `${handling.timesDiameter} D, ${sayMark(handling.bendingRadiusMm, unit)}`,
      handling.source,
    ],
    ['Not to be bent below', sayTemperature(handling.lowestCelsius, unit), 'common practice; the maker’s sheet rules'],
  ].filter((row) => row !== false)
  return (
    <dl className="grid grid-cols-[auto_1fr] gap-x-6 border-t-2 border-ink">
      {rows.map(([what, value, source]) => (
        <div key={what} className="col-span-2 grid grid-cols-subgrid border-b border-line py-1.5">
          <dt className="text-mute">{what}</dt>
          <dd>
            {value} <span className="text-label text-mute">· {source}</span>
          </dd>
        </div>
      ))}
    </dl>
  )
}
