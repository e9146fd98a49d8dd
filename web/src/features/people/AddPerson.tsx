import { ApiError } from '../../api/client'
import { useAddPerson, type NewPerson } from '../../api/people'
import { useTypedForm } from '../../engine/typed'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { Note } from '../../ui/Note'
import { ROLES } from './roles'

const EMPTY = { name: '', shownAs: '', role: 'jointer' }

export function AddPerson({ onDone }: { onDone: (name: string, oneTimePassword: string) => void }) {
  const add = useAddPerson()
  const [typed, setTyped] = useTypedForm('new-person', EMPTY)
  const problems = add.error instanceof ApiError ? (add.error.problem?.problems ?? []) : []
  const faultOf = (path: string) => problems.find((one) => one.path === path)?.message
  const submit = () =>
    add.mutate(typed as NewPerson, {
      onSuccess: ({ person, oneTimePassword }) => {
        setTyped(null)
        onDone(person.shownAs, oneTimePassword)
      },
    })
  return (
    <form
      className="grid gap-4 desk:grid-cols-3"
      onSubmit={(event) => {
        event.preventDefault()
        submit()
      }}
    >
      <Field label="Name, as the record shows it" fault={faultOf('shownAs')}>
        {(input) => (
          <input {...input} value={typed.shownAs} onChange={(event) => setTyped({ ...typed, shownAs: event.target.value })} />
        )}
      </Field>
      <Field label="Signs in as" hint="Small letters, digits, dots and dashes. It stays for good." fault={faultOf('name')}>
        {(input) => (
          <input
            {...input}
            autoCapitalize="none"
            autoComplete="off"
            value={typed.name}
            onChange={(event) => setTyped({ ...typed, name: event.target.value })}
          />
        )}
      </Field>
      <Field label="Role" fault={faultOf('role')}>
        {(input) => (
          <select {...input} value={typed.role} onChange={(event) => setTyped({ ...typed, role: event.target.value })}>
            {ROLES.map((role) => (
              <option key={role}>{role}</option>
            ))}
          </select>
        )}
      </Field>
      {add.error && problems.length === 0 && <Note tone="out" role="alert" title={add.error.message} />}
      <Button
        type="submit"
        kind="primary"
        disabled={add.isPending || !typed.name || !typed.shownAs}
        className="justify-self-start"
      >
        Add and give a password
      </Button>
    </form>
  )
}
