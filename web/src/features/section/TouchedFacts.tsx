import { sayFine, sayMark } from '../../domain/length'
import { say } from '../../domain/sentence'
import { layerName } from '../../domain/words'
import type { Touched } from '../../drawing/section/SectionDrawing'
import { isOfCable, stateAfter } from '../../drawing/section/state'
import type { Section } from './rules'
import { useUnit } from '../../ui/UnitContext'
import { inMm, OnTheBench } from '../../views/OnTheBench'

type Sentence = Section['items'][number]['reason']
export type Found = {
  key: string
  name: string
  isLayer: boolean
  nature: Section['items'][number]['nature'] | null
  madeOf: string
  fromMm: number
  toMm: number
  insideMm: number
  outsideMm: number
  reason: Sentence | null
  planned: { fromMm: number; toMm: number } | null
  field: Section['layers'][number]['field']
}

/** What lies where somebody touched the drawing; null where nothing does. */
export function touchedAt(section: Section, stage: number | null, { mm, radiusMm, lane }: Touched): Found | null {
  const { items, layers } = stateAfter(section, stage)
  const isHere = (one: { perCore: boolean }) => (lane === 'cable') === isOfCable(section, one)
  for (const item of items.filter(isHere)) {
    const on = item.outline.find(
      (one) => one.fromMm <= mm && one.toMm >= mm && one.insideMm <= radiusMm && one.outsideMm >= radiusMm,
    )
    const own = section.items.find((one) => one.key === item.key && one.end === item.end)
    const more = { nature: own?.nature ?? null, reason: own?.reason ?? null, planned: own?.planned ?? null, field: null }
    if (on) return { ...item, isLayer: false, insideMm: on.insideMm, outsideMm: on.outsideMm, ...more }
  }
  const own = layers.filter((one) => isHere(one) && one.fromMm <= mm && one.toMm >= mm).sort((a, b) => a.radiusMm - b.radiusMm)
  const at = own.findIndex((one) => one.radiusMm >= radiusMm)
  const layer = own[at]
  return layer
    ? {
        ...{ ...layer, isLayer: true, madeOf: '', insideMm: own[at - 1]?.radiusMm ?? 0, outsideMm: layer.radiusMm },
        ...{ nature: null, reason: null, planned: null, field: fieldAt(section, layer, mm) },
      }
    : null
}

/** Where the screen lies on the insulation; null elsewhere: there it is not that of a coaxial cylinder. */
function fieldAt(section: Section, layer: { key: string; end: string | null }, mm: number): Found['field'] {
  const field = section.layers.find((one) => one.key === layer.key && one.end === layer.end)?.field ?? null
  return field && field.fromMm <= mm && mm <= field.toMm ? field : null
}

/** What lies over the ends of both screens of a joint, as the bench asks for it; null of all else. */
function coversScreens(found: Found, { cuts }: Section): Record<string, string | null> | null {
  const [from, to] = cuts
    .filter(({ cut }) => cut === 'insulation-screen')
    .map(({ axisMm }) => axisMm)
    .sort((one, other) => one - other)
  if (from === undefined || to === undefined || found.fromMm > from || found.toMm < to) return null
  return {
    body: inMm(found.toMm - found.fromMm),
    apart: inMm(to - from),
    off: inMm(Math.abs((found.fromMm + found.toMm - from - to) / 2)),
  }
}

type TouchedFactsProps = { found: Found; known: Section; onClose: () => void }

/** What it is, from where to where, its diameters and its wall, and why. */
export function TouchedFacts({ found, known, onClose }: TouchedFactsProps) {
  const unit = useUnit()
  // What is drawn of it stands for a wall that nobody knows.
  const isUnsaid = !found.isLayer && known.items.some((one) => one.key === found.key && !one.wallSaid)
  const window = found.isLayer ? null : coversScreens(found, known)
  const name = found.isLayer ? layerName(found.name, unit) : found.name
  const facts = [
    ['from', sayMark(Math.abs(found.fromMm), unit)],
    ['to', sayMark(Math.abs(found.toMm), unit)],
    ['long', sayMark(found.toMm - found.fromMm, unit)],
    ...(isUnsaid
      ? [['wall', 'not said by its sheet']]
      : [
          ['over it', `⌀ ${sayFine(2 * found.outsideMm, unit)}`],
          ['beneath', `⌀ ${sayFine(2 * found.insideMm, unit)}`],
          ['wall', sayFine(found.outsideMm - found.insideMm, unit)],
        ]),
  ]
  return (
    <section
      aria-label="What was touched"
      role="status"
      className="flex flex-wrap items-baseline gap-x-5 gap-y-1 bg-soft px-4 py-2 desk:px-6"
    >
      <strong>{name}</strong>
      {found.madeOf !== '' && found.madeOf !== found.name && <span className="text-mute">of {found.madeOf}</span>}
      {facts.map(([label, value]) => (
        <span key={label} className="tabular-nums">
          <span className="text-label text-mute">{label} </span>
          {value}
        </span>
      ))}
      {found.planned && (
        <span className="tabular-nums">
          <span className="text-label text-mute">planned </span>
          {sayMark(Math.abs(found.planned.fromMm), unit)} to {sayMark(Math.abs(found.planned.toMm), unit)}
        </span>
      )}
      <button type="button" onClick={onClose} className="ml-auto min-h-11 px-2 text-plan underline underline-offset-4">
        Close
      </button>
      {found.isLayer && found.key === 'insulation' && <FieldFact field={found.field} />}
      {!found.isLayer && !isUnsaid && (
        <span className="flex basis-full flex-wrap gap-x-6">
          <Tools found={found} />
          {window && <OnTheBench tool="window" name="body over both screens" given={window} />}
        </span>
      )}
      {found.isLayer && found.key === 'insulation' && found.field && (
        <OnTheBench
          tool="step"
          name="stress in a gap here"
          given={{ inner: inMm(2 * found.insideMm), outer: inMm(2 * found.outsideMm), voltage: String(found.field.voltageKv) }}
        />
      )}
      {found.isLayer && found.key === 'metallic-screen' && <OnTheBench tool="fault" name="fault current" given={{}} />}
      {found.reason && <span className="basis-full">{say(found.reason, unit)}</span>}
    </section>
  )
}

/** What is reckoned of such a part by itself. */
function Tools({ found }: { found: Found }) {
  const [beneath, over, along] = [inMm(2 * found.insideMm), inMm(2 * found.outsideMm), inMm(found.toMm - found.fromMm)]
  switch (found.nature) {
    case 'tube':
      return <OnTheBench tool="shrink" name="a shrink tube over this" given={{ beneath }} />
    case 'body':
    case 'pushed':
      return <OnTheBench tool="stretch" name="rubber over this" given={{ beneath }} />
    case 'wrap':
      return (
        <>
          <OnTheBench tool="tape" name="wound to this" given={{ beneath, to: over, along }} />
          <OnTheBench tool="fill" name="filled to this" given={{ inner: beneath, outer: over, long: along }} />
        </>
      )
    default:
      return null
  }
}

function FieldFact({ field }: { field: Found['field'] }) {
  return field ? (
    <span className="basis-full tabular-nums">
      <span className="text-label text-mute">field </span>
      {field.insideKvPerMm} kV/mm at the conductor screen, {field.outsideKvPerMm} beneath its own screen, at {field.voltageKv} kV
      to earth
    </span>
  ) : (
    <span className="basis-full text-label text-mute">
      Its own screen does not lie here: the field is not that of a plain cable, and is not worked out.
    </span>
  )
}
