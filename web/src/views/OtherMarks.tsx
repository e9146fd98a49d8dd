import type { Datum, Job } from '../api/types'
import { sayFine } from '../domain/length'
import { say } from '../domain/sentence'
import { useUnit } from '../ui/UnitContext'

type Other = NonNullable<Job['markOut']>['others'][number]

/** Marks that are no cuts, from the same datum: how deep a conductor goes, where a zone begins and ends, where a marker lies. */
export function OtherMarks({ job, datum }: { job: Job; datum: Datum }) {
  const unit = useUnit()
  const others = job.markOut?.others ?? []
  if (others.length === 0) return null
  return (
    <section aria-label="Marks that are no cuts" className="overflow-x-auto" tabIndex={0}>
      <table className="w-full min-w-[36rem] text-left print:min-w-0">
        <thead>
          <tr className="border-b border-line text-label text-mute">
            <th className="py-1.5 font-semibold text-ink">Marks that are no cuts</th>
            {job.function === 'joint' && <th className="pr-4 font-normal">end</th>}
            <th className="pr-4 text-right font-normal">from, {unit}</th>
            <th className="pr-4 text-right font-normal">to</th>
            <th className="pr-4 text-right font-normal">by hand</th>
          </tr>
        </thead>
        <tbody>
          {others.map((one) => (
            <Row key={`${one.kind} ${one.end} ${one.name}`} one={one} datum={datum} isJoint={job.function === 'joint'} />
          ))}
        </tbody>
      </table>
    </section>
  )
}

function Row({ one, datum, isJoint }: { one: Other; datum: Datum; isJoint: boolean }) {
  const unit = useUnit()
  return (
    <tr className="border-b border-line align-baseline">
      <td className="py-2 pr-4">
        {one.name}
        {one.onCores && <span className="text-label text-mute"> on each core</span>}
        {one.reason.template && <span className="block text-label text-mute">{say(one.reason, unit)}</span>}
      </td>
      {isJoint && <td className="pr-4">{one.end}</td>}
      <td className="pr-4 text-right whitespace-nowrap tabular-nums">{one.at[datum]?.[unit]}</td>
      <td className="pr-4 text-right whitespace-nowrap tabular-nums">{one.to?.[datum]?.[unit] ?? '–'}</td>
      <td className="pr-4 text-right whitespace-nowrap text-mute">{one.handMm > 0 ? `± ${sayFine(one.handMm, unit)}` : '–'}</td>
    </tr>
  )
}
