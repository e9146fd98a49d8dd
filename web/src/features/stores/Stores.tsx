import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { storesQueries } from '../../api/stores'
import { useMay } from '../../api/session'
import type { Box } from '../../api/types'
import { say } from '../../domain/sentence'
import { Toggle } from '../../ui/Toggle'
import { useUnit } from '../../ui/UnitContext'
import { AddBox } from './AddBox'
import { Shelf } from './Shelf'
import { Tools } from './Tools'
import { classes } from '../../ui/classes'
import { PageHeading } from '../../views/PageHeading'

/** What is kept for the work: kits by the box, and tools. */
export function Stores() {
  const [shelf, setShelf] = useState<'boxes' | 'tools'>('boxes')
  return (
    <main className="grid grid-cols-[minmax(0,1fr)] content-start gap-6 p-4 desk:p-6">
      <div className="flex flex-wrap items-center gap-6">
        <PageHeading name="Stores" />
        <Toggle
          label="Shelf"
          value={shelf}
          options={[
            { value: 'boxes', label: 'Kits' },
            { value: 'tools', label: 'Tools' },
          ]}
          onChange={setShelf}
        />
      </div>
      {shelf === 'boxes' ? <Boxes /> : <Tools />}
    </main>
  )
}

/** Every box on the shelves, the first to expire on top. */
function Boxes() {
  const [page, setPage] = useState(1)
  const boxes = useQuery(storesQueries.boxes({ page }))
  const mayKeep = useMay('keep-stores')
  const data = boxes.data
  return (
    <Shelf
      side={mayKeep ? <AddBox /> : <p>A storekeeper reads boxes in. A box is set aside for a job on the job’s own kit page.</p>}
      label="Boxes"
      page={data ?? null}
      noun="boxes"
      onPage={setPage}
    >
      {boxes.error && <p role="alert">{boxes.error.message}</p>}
      {data?.total === 0 && <p>There is no box yet. Read the first label in.</p>}
      {data && data.total > 0 && <BoxTable boxes={data.boxes} />}
    </Shelf>
  )
}

function BoxTable({ boxes }: { boxes: Box[] }) {
  return (
    <table className="w-full text-left max-desk:block desk:min-w-[46rem]">
      <thead className="max-desk:sr-only">
        <tr className="border-b-2 border-ink text-label text-mute">
          <th className="py-1.5 font-normal">expires</th>
          <th className="font-normal">kit</th>
          <th className="font-normal">batch</th>
          <th className="font-normal">serial</th>
          <th className="font-normal">where</th>
          <th className="font-normal">state</th>
        </tr>
      </thead>
      <tbody className="max-desk:block">
        {boxes.map((box) => (
          <tr
            key={box.id}
            className="h-14 border-b border-line align-middle max-desk:flex max-desk:h-auto max-desk:flex-wrap max-desk:gap-x-4 max-desk:py-2"
          >
            <td className="pr-4 whitespace-nowrap">
              <span className="text-label text-mute desk:hidden">expires </span>
              {box.expiresOn ?? 'not known'}
            </td>
            <td className="py-2 pr-4 max-desk:order-first max-desk:w-full max-desk:py-0">
              <span className="font-semibold">
                {box.name}, size {box.kit.size}
              </span>
              <span className="block text-label text-mute">
                {box.maker} · {box.gtin}
              </span>
            </td>
            <td className="pr-4 whitespace-nowrap">
              <span className="text-label text-mute desk:hidden">batch </span>
              {box.batch || '–'}
            </td>
            <td className={classes('pr-4 whitespace-nowrap', !box.serial && 'max-desk:hidden')}>
              <span className="text-label text-mute desk:hidden">serial </span>
              {box.serial || '–'}
            </td>
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
