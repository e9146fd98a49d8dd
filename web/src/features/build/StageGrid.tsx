import type { Stage, StageCheck, StageWork } from '../../api/types'
import { say } from '../../domain/sentence'
import { useUnit } from '../../ui/UnitContext'
import { placeName } from '../../views/cuts'
import { Provisional } from '../../views/Provisional'

type Cell = { place: string; text: string; state: 'open' | 'done' | 'out'; entry: string | null }
/** Limits are told once where they are alike at every place. */
type Row = { key: string; title: string; limits: string; cells: Cell[] }

/** What the stage asks for, in the order of the work, and how far each end and core has come. */
export function StageGrid({ stage }: { stage: Stage }) {
  const unit = useUnit()
  const rows = rowsOf(stage, (sentence) => say(sentence, unit))
  if (rows.length === 0) return null
  return (
    <table className="w-full border-collapse" aria-label={`Steps of ${stage.title}`}>
      <tbody>
        {rows.map((row) => (
          <tr key={row.key} className="border-b border-line align-baseline">
            <th scope="row" className="py-2 pr-4 text-left font-normal">
              {row.title}
              {row.limits !== '' && <span className="block text-label text-mute">{row.limits}</span>}
            </th>
            <td className="py-2">
              <ul className="flex flex-wrap justify-end gap-x-4 gap-y-1">
                {row.cells.map((cell) => (
                  <li key={cell.place} className="whitespace-nowrap">
                    <span className="text-label text-mute">{cell.place} </span>
                    <span className={TONES[cell.state]}>{cell.text}</span>
                    <Provisional entry={cell.entry} />
                  </li>
                ))}
              </ul>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

const TONES = { open: 'text-mute', done: 'font-semibold text-inside', out: 'font-semibold text-out' }

type Said = (sentence: StageWork['title']) => string

/** Work and checks as they follow each other, each once with all its places. */
function rowsOf(stage: Stage, said: Said): Row[] {
  const rows = new Map<string, Row & { touch: number }>()
  const add = (key: string, touch: number, title: string, cell: Cell, limits = '') => {
    const row = rows.get(key) ?? { key, title, touch, limits, cells: [] }
    row.cells.push(row.limits === limits || cell.state !== 'open' ? cell : { ...cell, text: limits })
    rows.set(key, row)
  }
  for (const work of stage.work) {
    const cell: Cell = {
      place: placeName(work),
      text: work.done ? '✓' : 'to do',
      state: work.done ? 'done' : 'open',
      entry: work.entry,
    }
    add(`${work.how} ${work.part}`, work.touch, said(work.title), cell)
  }
  for (const check of stage.checks)
    add(`check ${check.key}`, check.touch + 0.5, said(check.name), cellOf(check, said), check.limits ? said(check.limits) : '')
  return [...rows.values()].toSorted((one, other) => one.touch - other.touch)
}

function cellOf(check: StageCheck, said: Said): Cell {
  const place = [placeName(check), check.number !== null && `no. ${check.number}`].filter(Boolean).join(', ')
  if (!check.answer) return { place, text: 'to do', state: 'open', entry: null }
  const isOut = check.answer.verdict === 'out' && check.answer.accepted === null
  const text = check.kind === 'seen' ? (isOut ? 'no' : '✓') : said(check.answer.short).replace(/\.$/, '')
  return { place, text, state: isOut ? 'out' : 'done', entry: check.answer.entry }
}
