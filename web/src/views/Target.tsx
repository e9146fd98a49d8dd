import type { Datum, Mark } from '../api/types'
import { INSTRUMENT_NAMES } from '../domain/judge'
import { sayFine } from '../domain/length'
import { useUnit } from '../ui/UnitContext'
import { cutName, datumName, shownMark } from './cuts'

/** Where to cut, large enough to read from the trench. @param cores on which of several; empty where there is but one */
export function Target({ mark, datum, cores }: { mark: Mark; datum: Datum; cores: string }) {
  const unit = useUnit()
  const shown = shownMark(mark, datum, unit)
  return (
    <div className="grid gap-1 desk:gap-2">
      <h2 className="font-semibold">
        {mark.order} · {cutName(mark.cut, unit)}, end {mark.end}
        {cores && `, ${cores}`}
      </h2>
      <p className="flex items-end gap-3">
        <span className="text-target leading-none low:text-[3.25rem] font-bold whitespace-nowrap">
          <Figure text={shown.at} />
        </span>
        <span className="text-mute">
          {unit}
          <br />
          from the {datumName(datum, unit)}
        </span>
      </p>
      <p>
        window {shown.window}
        {shown.needs && ` · needs a ${INSTRUMENT_NAMES[shown.needs].toLowerCase()}`}
        {mark.depthMm !== null && ` · blade depth ${sayFine(mark.depthMm, unit)}`}
      </p>
    </div>
  )
}

/** "9 3/4" as a tape has it: the whole inches large, the fraction smaller beside them. */
function Figure({ text }: { text: string }) {
  const [, whole = '', fraction] = /^(-?\d*) ?(\d+\/\d+)?$/.exec(text) ?? []
  if (!fraction) return text
  return (
    <>
      {whole}
      <span className="align-[0.3em] text-[0.6em]">
        {whole && ' '}
        {fraction}
      </span>
    </>
  )
}
