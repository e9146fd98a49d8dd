import schema from '../../../../docs/formats/connector.schema.json'
import { ApiError } from '../../api/client'
import { useAddConnector } from '../../api/connectors'
import type { Connector } from '../../api/types'
import { Form } from '../../domain/form'
import { isObject, moved, put, readObject, type Json, type JsonObject, type Path } from '../../domain/json'
import { useTypedForm } from '../../engine/typed'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { Note } from '../../ui/Note'
import { textOf } from '../../views/form/Entry'
import { Fields } from '../../views/form/Fields'
import { FormContext } from '../../views/form/FormContext'

const fields = new Form(schema).fields().filter((field) => field.key !== 'revision')

type ConnectorFormProps = { begun: JsonObject; onDone: (connector: Connector) => void; onCancel: () => void }

/** A connector written from its maker's sheet, or the next revision of one; nothing is kept before it is right. */
export function ConnectorForm({ begun, onDone, onCancel }: ConnectorFormProps) {
  const [json, setJson] = useTypedForm(`connector.${textOf(begun['id'])}.${textOf(begun['revision'])}`, begun)
  const add = useAddConnector()
  const isNew = begun['revision'] === 1
  const problems = add.error instanceof ApiError ? (add.error.problem?.problems ?? []) : []
  const set = (next: Json) => isObject(next) && setJson(next)
  const change = (path: Path, value: Json | undefined) => set(put(json, path, value))
  return (
    <form
      className="grid gap-4 border-t-2 border-ink pt-3"
      onSubmit={(event) => {
        event.preventDefault()
        add.mutate(json, {
          onSuccess: (connector) => {
            setJson(null)
            onDone(connector)
          },
        })
      }}
    >
      <h2 className="text-lead font-semibold">
        {isNew ? 'New connector' : `${textOf(begun['name'])}, revision ${textOf(begun['revision'])}`}
      </h2>
      {isNew && (
        <Field label="Begin with its open file">
          {(input) => (
            <input
              {...input}
              type="file"
              accept=".json"
              className={`${input.className} py-2`}
              onChange={(event) => void event.target.files?.[0]?.text().then((text) => set(readObject(text)))}
            />
          )}
        </Field>
      )}
      <FormContext value={{ json, change, move: (path, from, by) => set(moved(json, path, from, by)), problems }}>
        <Fields fields={isNew ? fields : fields.filter((field) => field.key !== 'id')} path={[]} />
      </FormContext>
      {add.error && (
        <Note tone="out" role="alert" title={add.error.message}>
          {problems.map((problem) => (
            <p key={problem.path + problem.message}>
              <span className="font-semibold">{problem.path}</span> {problem.message}
            </p>
          ))}
        </Note>
      )}
      <div className="flex flex-wrap gap-3">
        <Button type="submit" kind="primary" disabled={add.isPending}>
          {isNew ? 'Keep it' : 'Keep it as the next revision'}
        </Button>
        <Button
          onClick={() => {
            setJson(null)
            onCancel()
          }}
        >
          Cancel
        </Button>
      </div>
    </form>
  )
}
