import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useMay } from '../../api/session'
import { toolQueries, useCalibrate } from '../../api/tools'
import type { Tool } from '../../api/types'
import { Note } from '../../ui/Note'
import { AddTool } from './AddTool'
import { Shelf } from './Shelf'
import { Unreadable } from '../../views/Unreadable'

/** Presses and wrenches, and until when their calibration holds. */
export function Tools() {
  const [page, setPage] = useState(1)
  const tools = useQuery(toolQueries.page(page))
  const mayKeep = useMay('keep-stores')
  const data = tools.data
  return (
    <Shelf
      side={
        mayKeep ? <AddTool /> : <p>A storekeeper writes tools down. A tool is named for a job on the job’s own connector page.</p>
      }
      label="Tools"
      page={data ?? null}
      noun="tools"
      onPage={setPage}
    >
      {tools.error && <Note tone="out" role="alert" title={tools.error.message} />}
      <Unreadable rows={data?.unreadable} />
      {data?.total === 0 && <p>There is no tool yet. Write the first press down.</p>}
      {data && data.total > 0 && (
        <table className="w-full min-w-[46rem] text-left">
          <thead>
            <tr className="border-b-2 border-ink text-label text-mute">
              <th className="py-1.5 font-normal">calibrated until</th>
              <th className="font-normal">tool</th>
              <th className="font-normal">serial</th>
              <th className="font-normal">dies, or range</th>
              <th className="font-normal">state</th>
            </tr>
          </thead>
          <tbody>
            {data.tools.map((tool) => (
              <ToolLine key={tool.id} tool={tool} mayKeep={mayKeep} />
            ))}
          </tbody>
        </table>
      )}
    </Shelf>
  )
}

function ToolLine({ tool, mayKeep }: { tool: Tool; mayKeep: boolean }) {
  const calibrate = useCalibrate()
  return (
    <tr className="h-14 border-b border-line align-middle">
      <td className="pr-4 whitespace-nowrap">
        {mayKeep ? (
          <input
            type="date"
            aria-label={`${tool.name}: calibrated until`}
            className="min-h-11 border-2 border-line bg-white px-2"
            defaultValue={tool.calibratedUntil ?? ''}
            onChange={(event) => event.target.value && calibrate.mutate({ ...tool, until: event.target.value })}
          />
        ) : (
          (tool.calibratedUntil ?? 'not known')
        )}
      </td>
      <td className="py-2 pr-4">
        <span className="font-semibold">{tool.name}</span>
        <span className="block text-label text-mute">{tool.kind.replace('-', ' ')}</span>
      </td>
      <td className="pr-4 whitespace-nowrap">{tool.serial || '–'}</td>
      <td className="pr-4 text-label">{tool.range ?? tool.dies.join(' · ')}</td>
      <td>
        {tool.isOutOfCalibration ? (
          <span className="font-semibold text-out">✕ out of calibration</span>
        ) : tool.calibratedUntil ? (
          <span className="text-inside">✓ calibrated</span>
        ) : (
          <span className="font-semibold text-unproved">not known</span>
        )}
      </td>
    </tr>
  )
}
