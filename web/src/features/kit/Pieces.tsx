import { useState } from 'react'
import { useWrite } from '../../api/outbox'
import { useMay } from '../../api/session'
import type { Job } from '../../api/types'
import { useTyped } from '../../engine/typed'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'

/** A piece that the box lacks, or that was lost, came from elsewhere: from where, and of which batch, stays in the record. */
export function Pieces({ job }: { job: Job }) {
  const mayBuild = useMay('build')
  const isShort = job.materials.some((one) => one.short !== null)
  if (!mayBuild || job.materials.length === 0 || job.safety === null) return null
  return (
    <details open={isShort || undefined}>
      <summary className="min-h-11 text-plan underline underline-offset-4">A piece from another box or the store</summary>
      <PieceForm job={job} />
    </details>
  )
}

const FROM = { 'another-box': 'Another box of this kit', 'owners-store': 'The owner’s store' } as const
type From = keyof typeof FROM

function PieceForm({ job }: { job: Job }) {
  const write = useWrite(job.id)
  const first = job.materials.find((one) => one.short !== null) ?? job.materials[0]
  const [stock, setStock] = useState(first?.key ?? '')
  const [pieces, setPieces] = useState('1')
  const [batch, setBatch] = useTyped(`${job.id}.piece-batch`)
  const [from, setFrom] = useState<From>('another-box')
  const [isTried, setIsTried] = useState(false)
  const count = /^[1-9]\d{0,2}$/.test(pieces.trim()) ? Number(pieces) : null
  const store = () => {
    setIsTried(true)
    if (count === null || batch.trim() === '') return
    const name = job.materials.find((one) => one.key === stock)?.name ?? stock
    write({ kind: 'piece-taken', stock, pieces: count, batch: batch.trim(), from }, `${count} × ${name}, batch ${batch.trim()}`)
    setBatch('')
    setIsTried(false)
  }
  return (
    <form
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        store()
      }}
    >
      <Field label="Which">
        {(input) => (
          <select {...input} value={stock} onChange={({ target }) => setStock(target.value)}>
            {job.materials.map(({ key, name }) => (
              <option key={key} value={key}>
                {name}
              </option>
            ))}
          </select>
        )}
      </Field>
      <div className="grid grid-cols-2 gap-3">
        <Field label="How many" fault={isTried && count === null ? 'Type a whole number.' : undefined}>
          {(input) => <input {...input} inputMode="numeric" value={pieces} onChange={({ target }) => setPieces(target.value)} />}
        </Field>
        <Field label="Its batch" fault={isTried && batch.trim() === '' ? 'Copy the batch from what it came in.' : undefined}>
          {(input) => <input {...input} maxLength={40} value={batch} onChange={({ target }) => setBatch(target.value)} />}
        </Field>
      </div>
      <Field label="From">
        {(input) => (
          <select {...input} value={from} onChange={({ target }) => setFrom(target.value as From)}>
            {(Object.keys(FROM) as From[]).map((one) => (
              <option key={one} value={one}>
                {FROM[one]}
              </option>
            ))}
          </select>
        )}
      </Field>
      <Button type="submit" className="justify-self-start">
        Write the piece down
      </Button>
    </form>
  )
}
