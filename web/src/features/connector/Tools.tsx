import { useQuery } from '@tanstack/react-query'
import { useUnjudged, useWrite } from '../../api/outbox'
import { useMay } from '../../api/session'
import { toolQueries } from '../../api/tools'
import type { Job } from '../../api/types'
import { say } from '../../domain/sentence'
import { Button } from '../../ui/Button'
import { useUnit } from '../../ui/UnitContext'
import { RefusedEntry } from '../../views/RefusedEntry'
import { OutcomeWord } from '../../views/Verdict'

/** The press with the right die, the wrench that reaches, both in calibration: named here, so that the record tells. */
export function Tools({ job }: { job: Job }) {
  const unit = useUnit()
  const mayBuild = useMay('build')
  const sent = useUnjudged(job.id).filter((one) => one.event.kind === 'take-tool')
  const tools = useQuery({
    ...toolQueries.forJob(job.id, `${job.connector?.id ?? ''}/${job.kit?.id ?? ''}`),
    enabled: job.connector !== null,
  })
  const taken = job.log.flatMap((entry) =>
    entry.counts && entry.event.kind === 'tool-taken' ? [{ entry: entry.id, tool: entry.event.tool }] : [],
  )
  const others = tools.data?.tools.filter(({ tool }) => !taken.some((one) => one.tool.id === tool.id)) ?? []
  const write = useWrite(job.id)
  if (!job.connector || !tools.data) return null
  return (
    <section aria-label="Tools" className="grid gap-2 pt-3">
      <h3 className="font-semibold">Tools</h3>
      {sent.map((one) => (
        <RefusedEntry key={one.id} entry={one} />
      ))}
      <ul className="border-t border-line">
        {taken.map(({ entry, tool }) => (
          <li key={entry} className="flex flex-wrap items-center justify-between gap-x-4 border-b border-line py-2">
            <span className="font-semibold">
              {tool.name} {tool.serial && <span className="font-normal text-mute">{tool.serial}</span>}
            </span>
            {mayBuild && (
              <Button
                kind="link"
                onClick={() =>
                  write({ kind: 'withdrawn', entry, reason: 'Another tool is used.' }, `${tool.name} is not used after all`)
                }
              >
                Not this one
              </Button>
            )}
          </li>
        ))}
        {others.map(({ tool, outcome, reason }) => (
          <li key={tool.id} className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 border-b border-line py-2">
            <span>
              {tool.name} <span className="text-mute">{tool.serial}</span> <OutcomeWord outcome={outcome} />
              {reason && outcome !== 'fits' && <span className="block text-label text-mute">{say(reason, unit)}</span>}
            </span>
            {mayBuild && outcome !== 'does-not-fit' && (
              <Button
                disabled={sent.length > 0}
                onClick={() => write({ kind: 'take-tool', tool: tool.id }, `${tool.name} is used`)}
              >
                Use it
              </Button>
            )}
          </li>
        ))}
      </ul>
      {others.length === 0 && taken.length === 0 && (
        <p className="text-mute">It asks for no press and no wrench, or none is written down in the stores.</p>
      )}
    </section>
  )
}
