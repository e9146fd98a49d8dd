import type { ReactNode } from 'react'
import { emptyOf, type FormField, type Shape } from '../../domain/form'
import { at, isObject, type Path } from '../../domain/json'
import { Button } from '../../ui/Button'
import { Chips, Entry, KeyAdder, optionsOf } from './Entry'
import { FaultCount } from './FaultCount'
import { faultsWithin } from './faults'
import { ItemList } from './ItemList'
import { useForm } from './FormContext'

/** The fields of an object: those that are there, and a way to say more. */
export function Fields({ fields, path }: { fields: FormField[]; path: Path }) {
  const { json, change } = useForm()
  const there = at(json, path)
  const isThere = (field: FormField) => field.isRequired || field.isShown || (isObject(there) && there[field.key] !== undefined)
  const absent = fields.filter((field) => !isThere(field))
  return (
    <div className="grid gap-x-5 gap-y-3 desk:grid-cols-2">
      {fields.filter(isThere).map((field) => (
        <OneField key={field.key} field={field} path={[...path, field.key]} />
      ))}
      {absent.length > 0 && change && (
        <label className="col-span-full flex flex-wrap items-center gap-3 text-label text-mute">
          Say more
          <select
            className="min-h-11 border-2 border-line bg-white px-2"
            value=""
            onChange={(event) => {
              const field = absent.find((one) => one.key === event.target.value)
              if (field) change([...path, field.key], emptyOf(field.shape))
            }}
          >
            <option value="">choose</option>
            {absent.map((field) => (
              <option key={field.key} value={field.key}>
                {field.title}
              </option>
            ))}
          </select>
        </label>
      )}
    </div>
  )
}

function OneField({ field, path }: { field: FormField; path: Path }) {
  const { change } = useForm()
  const leaveOut = !field.isRequired && !field.isShown && change && (
    <button
      type="button"
      aria-label={`Leave out: ${field.title}`}
      className="min-h-11 min-w-8 text-label text-plan"
      onClick={() => change(path, undefined)}
    >
      ✕
    </button>
  )
  const isWide = !['text', 'number', 'choice', 'flag'].includes(field.shape.kind)
  const isLong = field.shape.kind === 'text' && field.shape.isLong
  return (
    <div className={isWide || isLong ? 'col-span-full grid gap-1' : 'grid grid-cols-[minmax(0,1fr)_auto] items-start gap-1'}>
      <Content field={field} path={path} />
      {field.shape.kind === 'flag'
        ? null
        : leaveOut && <span className={isWide || isLong ? 'justify-self-start' : 'pt-7'}>{leaveOut}</span>}
    </div>
  )
}

function Content({ field, path }: { field: FormField; path: Path }): ReactNode {
  const { keysFor } = useForm()
  const { shape, title } = field
  switch (shape.kind) {
    case 'choices':
      return <Chips title={title} path={path} options={optionsOf(shape)} isNeeded={field.isRequired} />
    case 'group':
      return (
        <Titled title={title} path={path}>
          <Fields fields={shape.fields} path={path} />
        </Titled>
      )
    case 'map':
      return (
        <Titled title={title} path={path}>
          <MapFields path={path} keys={shape.keys} of={shape.of} title={title} />
        </Titled>
      )
    case 'list': {
      const keys = keysFor?.(path)
      return keys ? (
        <Chips title={title} path={path} options={keys} isNeeded={false} />
      ) : (
        <ItemList title={title} path={path} of={shape.of} />
      )
    }
    default:
      return <Entry field={field} path={path} />
  }
}

function Titled({ title, path, children }: { title: string; path: Path; children: ReactNode }) {
  const { problems } = useForm()
  return (
    <fieldset className="grid gap-2 border-l-4 border-line pl-4">
      <legend className="font-semibold">
        {title} <FaultCount count={faultsWithin(problems, path)} />
      </legend>
      {children}
    </fieldset>
  )
}

/** Values by keys of the sheet's own, or by layer. */
function MapFields({ path, keys, of, title }: { path: Path; keys: string[] | null; of: Shape; title: string }) {
  const { json, change } = useForm()
  const there = at(json, path)
  const known = isObject(there) ? Object.keys(there) : []
  return (
    <div className="grid gap-2">
      {known.map((key) => (
        <div key={key} className="flex items-end gap-2">
          <div className="grow">
            <Entry
              field={{ key, title: key.replaceAll('-', ' '), hint: '', isRequired: true, shape: of }}
              path={[...path, key]}
            />
          </div>
          {change && (
            <Button kind="link" aria-label={`Take out ${key}`} onClick={() => change([...path, key], undefined)}>
              take out
            </Button>
          )}
        </div>
      ))}
      {change && (
        <KeyAdder
          label={known.length === 0 ? title : 'Another'}
          keys={keys && keys.filter((key) => !known.includes(key))}
          onAdd={(key) => change([...path, key], emptyOf(of))}
        />
      )}
    </div>
  )
}
