import type { Datum, End, Job, Mark } from '../api/types'
import { UNCERTAINTY_MM } from '../domain/judge'
import { sayFine, sayTyped } from '../domain/length'
import { Gauge } from '../drawing/Gauge'
import { classes } from '../ui/classes'
import { useUnit } from '../ui/UnitContext'
import { coresName, cutName, isInRow, markedOut, markName, marksOf, sayNow, shownMark, type PickedMark } from './cuts'
import { Provisional } from './Provisional'
import { VerdictWord } from './Verdict'

export type MarkTableProps = {
  job: Job
  end: End
  datum: Datum
  active: PickedMark | null
  onPick: (mark: PickedMark) => void
  /** What the right-hand columns tell: nothing more, how to cut, or what was measured. */
  show: Show
}

type Show = 'marks' | 'tools' | 'readings'

const COLUMNS: Record<Show, string[]> = {
  marks: ['w-8', '', 'w-24', 'w-44'],
  tools: ['w-8', 'w-44', 'w-24', 'w-36', 'w-28', ''],
  readings: ['w-8', 'w-38', 'w-24', 'w-36', 'w-24', 'w-32', ''],
}

/** The marks of one end in the order of cutting: the same facts as the drawing, for the keyboard and the screen reader. */
export function MarkTable({ job, end, datum, active, onPick, show }: MarkTableProps) {
  const unit = useUnit()
  const marks = marksOf(job, end)
  // Cores that are marked alike stand once; each is measured by itself.
  const rows = show === 'readings' ? marks.map((mark) => ({ mark, cores: ownCore(mark) })) : markedOut(marks, datum, unit)
  return (
    <table
      className={classes('w-full table-fixed text-left print:min-w-0 print:text-label', show !== 'marks' && 'min-w-[44rem]')}
    >
      <colgroup>
        {COLUMNS[show].map((width, i) => (
          <col key={i} className={width} />
        ))}
      </colgroup>
      <thead>
        <tr className="border-b border-line text-label text-mute">
          <th className="py-1.5 font-normal" aria-label="order of cutting" />
          <th className="font-semibold text-ink">{job.function === 'joint' ? `End ${end}` : 'Cable end'}</th>
          <th className="pr-4 text-right font-normal">mark, {unit}</th>
          <th className="pr-4 text-right font-normal">window</th>
          {show === 'tools' && (
            <>
              <th className="pr-4 text-right font-normal">blade depth</th>
              <th className="font-normal">tool</th>
            </>
          )}
          {show === 'readings' && (
            <>
              <th className="pr-4 text-right font-normal">measured</th>
              <th className="font-normal" aria-label="gauge" />
              <th className="font-normal">verdict</th>
            </>
          )}
        </tr>
      </thead>
      <tbody>
        {rows.map(({ mark, cores }) => (
          <Row
            key={markName(mark, unit)}
            mark={mark}
            cores={show === 'readings' ? '' : coresName({ mark, cores }, marks)}
            datum={datum}
            isActive={isInRow(active, { mark, cores })}
            onPick={() => onPick(mark)}
            show={show}
          />
        ))}
      </tbody>
    </table>
  )
}

const ownCore = ({ core }: Mark): number[] => (core === null ? [] : [core])

type RowProps = { mark: Mark; cores: string; datum: Datum; isActive: boolean; onPick: () => void; show: Show }

function Row({ mark, cores, datum, isActive, onPick, show }: RowProps) {
  const unit = useUnit()
  const shown = shownMark(mark, datum, unit)
  return (
    <tr
      className={classes(
        'h-[46px] cursor-pointer print:h-8 border-b border-line hover:bg-soft',
        isActive && 'bg-soft font-semibold',
      )}
      onClick={onPick}
    >
      <td className="pl-2 text-mute">{mark.order}</td>
      <td>
        <button type="button" className="min-h-11 text-left print:min-h-0" aria-current={isActive || undefined}>
          {show === 'readings' ? markName(mark, unit) : cutName(mark.cut, unit)}
          {cores && <span className="block text-label text-mute">{cores}</span>}
        </button>
      </td>
      <td className="pr-4 text-right whitespace-nowrap">{shown.at}</td>
      <td className="pr-4 text-right whitespace-nowrap text-mute">{shown.window}</td>
      {show === 'tools' && (
        <>
          <td className="pr-4 text-right whitespace-nowrap">
            {mark.depthMm === null ? '–' : sayFine(mark.depthMm, unit)}
            {mark.depthMm !== null && !mark.depthMeasured && <span className="block text-label text-unproved">not measured</span>}
          </td>
          <td className="text-label text-mute">{mark.tool}</td>
        </>
      )}
      {show === 'readings' && <Measured mark={mark} />}
    </tr>
  )
}

function Measured({ mark }: { mark: Mark }) {
  const unit = useUnit()
  const recorded = mark.recorded
  if (!recorded)
    return (
      <>
        <td className="pr-4 text-right">—</td>
        <td />
        <td className="text-mute">to do</td>
      </>
    )
  const { judgement } = recorded
  return (
    <>
      <td className="pr-4 text-right whitespace-nowrap">
        {recorded.unit === unit && recorded.sawnOffMm === null ? recorded.typed : sayNow(recorded, unit)}
        {recorded.sawnOffMm !== null && <span className="block text-label text-mute">was {sayTyped(recorded)}</span>}
      </td>
      <td>
        <Gauge
          valueMm={judgement.valueMm}
          uncertaintyMm={UNCERTAINTY_MM[recorded.instrument]}
          minMm={judgement.minMm}
          maxMm={judgement.maxMm}
        />
      </td>
      <td className="whitespace-nowrap">
        <VerdictWord judgement={judgement} unit={unit} />
        {recorded.accepted !== null && <span className="block text-label text-mute">accepted</span>}
        <Provisional entry={recorded.entry} />
      </td>
    </>
  )
}
