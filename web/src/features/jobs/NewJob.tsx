import { useState } from 'react'
import { useNavigate } from 'react-router'
import { newJobId, useCreateJob } from '../../api/jobs'
import type { AccessoryFunction } from '../../api/types'
import type { Unit } from '../../domain/length'
import { accessory, capital } from '../../domain/words'
import { useTyped } from '../../engine/typed'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { Modal } from '../../ui/Modal'
import { Note } from '../../ui/Note'
import { Toggle } from '../../ui/Toggle'

export function NewJob({ open, onClose }: { open: boolean; onClose: () => void }) {
  const create = useCreateJob()
  const navigate = useNavigate()
  const [id] = useState(newJobId)
  const [name, setName] = useTyped('new-job')
  const [what, setWhat] = useState<AccessoryFunction>('joint')
  const [unit, setUnit] = useState<Unit>('mm')
  const [isTried, setIsTried] = useState(false)
  const submit = () => {
    setIsTried(true)
    if (name.trim())
      create.mutate(
        { id, name, function: what, unit },
        {
          onSuccess: (job) => {
            setName('')
            void navigate(`/jobs/${job.id}/safety`)
          },
        },
      )
  }
  return (
    <Modal title="New job" open={open} onClose={onClose}>
      <form
        className="grid max-w-[34rem] gap-5"
        onSubmit={(event) => {
          event.preventDefault()
          submit()
        }}
      >
        <Field
          label="Place and position"
          hint="As the work order has it."
          fault={isTried && !name.trim() ? 'Give the job a name, such as its place and which joint it is.' : undefined}
        >
          {(input) => <input {...input} maxLength={120} value={name} onChange={(event) => setName(event.target.value)} />}
        </Field>
        <div className="flex flex-wrap gap-6">
          <Toggle
            label="What is to be built"
            value={what}
            onChange={setWhat}
            options={[
              { value: 'joint', label: capital(accessory('joint', unit)) },
              { value: 'termination', label: 'Termination' },
              { value: 'separable-connector', label: capital(accessory('separable-connector', unit)) },
            ]}
          />
          <Toggle
            label="Measured in"
            value={unit}
            onChange={setUnit}
            options={[
              { value: 'mm', label: 'Millimetres' },
              { value: 'in', label: 'Inches' },
            ]}
          />
        </div>
        {create.error && (
          <Note tone="out" role="alert">
            {create.error.message}
          </Note>
        )}
        <div className="flex gap-4">
          <Button type="submit" kind="primary" disabled={create.isPending}>
            Make the job
          </Button>
          <Button onClick={onClose}>Cancel</Button>
        </div>
      </form>
    </Modal>
  )
}
