import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { storesQueries } from '../../api/stores'
import { useMay } from '../../api/session'
import type { Box } from '../../api/types'
import { say } from '../../domain/sentence'
import { Button } from '../../ui/Button'
import { useUnit } from '../../ui/UnitContext'
import { AddBox } from './AddBox'

/** Every box on the shelves, the first to expire on top. */
export function Stores() {
  const [page, setPage] = useState(1)
  const boxes = useQuery(storesQueries.boxes({ page }))
  const mayKeep = useMay('keep-stores')
  const data = boxes.data
  return (
    <main className="grid grid-cols-[minmax(0,1fr)] content-start gap-x-10 gap-y-6 p-4 desk:grid-cols-[22rem_minmax(0,1fr)] desk:p-6">
      <section className="grid content-start gap-4">
        <h1 className="text-[1.75rem] font-bold">Stores</h1>
        {mayKeep ? <AddBox /> : <p>A storekeeper reads boxes in. A box is set aside for a job on the job’s own kit page.</p>}
      </section>
      <section aria-label="Boxes" className="relative overflow-x-auto">
        {boxes.isPending && <p role="status">Looking along the shelves</p>}
        {boxes.error && <p role="alert">{boxes.error.message}</p>}
        {data?.total === 0 && <p>There is no box yet. Read the first label in.</p>}
        {data && data.total > 0 && <BoxTable boxes={data.boxes} />}
        {data && data.total > data.perPage && (
          <div className="flex items-center gap-4 py-3">
            <Button disabled={page === 1} onClick={() => setPage(page - 1)}>
              Before
            </Button>
            <Button disabled={page * data.perPage >= data.total} onClick={() => setPage(page + 1)}>
              After
            </Button>
            <span className="text-mute">{data.total} boxes</span>
          </div>
        )}
      </section>
    </main>
  )
}

function BoxTable({ boxes }: { boxes: Box[] }) {
  return (
    <table className="w-full min-w-[46rem] text-left">
      <thead>
        <tr className="border-b-2 border-ink text-label text-mute">
          <th className="py-1.5 font-normal">expires</th>
          <th className="font-normal">kit</th>
          <th className="font-normal">batch</th>
          <th className="font-normal">serial</th>
          <th className="font-normal">where</th>
          <th className="font-normal">state</th>
        </tr>
      </thead>
      <tbody>
        {boxes.map((box) => (
          <tr key={box.id} className="h-14 border-b border-line align-middle">
            <td className="pr-4 whitespace-nowrap">{box.expiresOn ?? 'not known'}</td>
            <td className="py-2 pr-4">
              <span className="font-semibold">
                {box.name}, size {box.kit.size}
              </span>
              <span className="block text-label text-mute">
                {box.maker} · {box.gtin}
              </span>
            </td>
            <td className="pr-4 whitespace-nowrap">{box.batch || '–'}</td>
            <td className="pr-4 whitespace-nowrap">{box.serial || '–'}</td>
            <td className="pr-4 text-label">{box.place || '–'}</td>
            <td>
              <State box={box} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

function State({ box }: { box: Box }) {
  const unit = useUnit()
  if (box.refusal) return <span className="font-semibold text-out">✕ {say(box.refusal, unit)}</span>
  if (box.openedAt) return <span className="font-semibold text-unproved">opened</span>
  return box.reservedFor ? <span className="font-semibold">set aside</span> : <span className="text-inside">✓ on the shelf</span>
}
