import { emptyOf } from '../../domain/form'
import { at, isObject, put, type Json, type Path } from '../../domain/json'
import { Button } from '../../ui/Button'
import { classes } from '../../ui/classes'
import { Chips, KeyAdder, optionsOf, textOf } from '../../views/form/Entry'
import { faultAt } from '../../views/form/faults'
import { ItemList } from '../../views/form/ItemList'
import { editionOf } from './sections'
import { useForm } from '../../views/form/FormContext'
import { rowsOf, type Row } from './sizeRows'

/** The leaflet's table of sizes: a column a size, a row a figure, each where it can be compared with its neighbour. */
export function SizeTable() {
  const { json, change, problems } = useForm()
  const sizes = Array.isArray(json['sizes']) ? json['sizes'] : []
  const all = rowsOf(sizes, json)
  const rows = all.filter((row) => row.isThere)
  return (
    <div className="grid gap-4">
      {faultAt(problems, ['sizes']) && <p className="font-semibold text-out">{faultAt(problems, ['sizes'])}</p>}
      {sizes.length === 0 ? (
        <p className="text-mute">No size yet: the leaflet’s table goes here, a column a size.</p>
      ) : (
        <div className="relative overflow-x-auto">
          <table className="border-collapse">
            <caption className="sr-only">Sizes</caption>
            <tbody>
              {rows.map((row, place) => (
                <SizeRow
                  key={row.heading + row.title}
                  row={row}
                  isFirst={rows[place - 1]?.heading !== row.heading}
                  count={sizes.length}
                />
              ))}
            </tbody>
            {change && (
              <tfoot>
                <tr>
                  <th />
                  {sizes.map((size, place) => (
                    <td key={place} className="pt-1 pr-2 text-label">
                      <Button kind="link" onClick={() => change(['sizes', sizes.length], copyOf(size))}>
                        copy
                      </Button>
                      <Button kind="link" disabled={sizes.length === 1} onClick={() => change(['sizes', place], undefined)}>
                        take out
                      </Button>
                    </td>
                  ))}
                </tr>
              </tfoot>
            )}
          </table>
        </div>
      )}
      {change && (
        <Button className="justify-self-start" onClick={() => change(['sizes', sizes.length], emptySize(json))}>
          Add a size
        </Button>
      )}
      {change && sizes.length > 0 && <MoreRows sizes={sizes} absent={all.filter((row) => !row.isThere)} />}
      {sizes.map((size, place) => (
        <ConductorKinds key={place} size={size} place={place} />
      ))}
      {sizes.map((size, place) => (
        <Contradictions key={place} size={size} place={place} />
      ))}
    </div>
  )
}

/** A size much like another: what it is for is never that of the other, and is asked for anew. */
function copyOf(size: Json): Json {
  const ranges = ['conductor', 'insulation', 'oversheath', 'leadSheath', 'connectorDiameter', 'connectorLength']
  const own = isObject(size) ? ranges.filter((key) => size[key] !== undefined) : []
  const blank = own
    .flatMap((key) => [
      [key, 'min'],
      [key, 'max'],
    ])
    .reduce<Json>((copy, path) => put(copy, path, ''), size)
  return put(put(blank, ['label'], ''), ['gtin'], undefined)
}

const emptySize = (sheet: Json): Json => emptyOf({ kind: 'group', fields: editionOf(sheet).form.fieldsOfDefinition('size') })

function SizeRow({ row, isFirst, count }: { row: Row; isFirst: boolean; count: number }) {
  const { json, change, problems } = useForm()
  return (
    <>
      {isFirst && row.heading && (
        <tr>
          <th colSpan={count + 1} className="pt-3 text-left font-semibold">
            {row.heading}
          </th>
        </tr>
      )}
      <tr>
        <th scope="row" className="max-w-56 pr-4 text-left text-label font-normal text-mute">
          {row.title}
        </th>
        {Array.from({ length: count }, (_, size) => {
          const path = ['sizes', size, ...row.path]
          const fault = faultAt(problems, path)
          return (
            <td key={size} className="pr-2 pb-1 align-top">
              <input
                aria-label={`${row.heading} ${row.title}, ${textOf(at(json, ['sizes', size, 'label'])) || `size ${size + 1}`}`.trim()}
                aria-invalid={fault ? true : undefined}
                readOnly={!change}
                className={classes('min-h-11 w-40 border-2 bg-white px-2', fault ? 'border-out' : 'border-line focus:border-ink')}
                value={textOf(at(json, path))}
                onChange={(event) => change?.(path, cell(event.target.value, row))}
              />
              {fault && <p className="w-40 text-label font-semibold text-out">{fault}</p>}
            </td>
          )
        })}
      </tr>
    </>
  )
}

/** A figure that is not needed and is emptied is left out. */
const cell = (text: string, row: Row): Json | undefined =>
  text === '' && !row.isNeeded
    ? undefined
    : ['count', 'row'].includes(String(row.path.at(-1))) && /^\d+$/.test(text)
      ? Number(text)
      : text

/** Figures that the leaflet gives and that have no row yet. */
function MoreRows({ sizes, absent }: { sizes: Json[]; absent: Row[] }) {
  const { change } = useForm()
  const nameOf = (row: Row) => [row.heading, row.title].filter(Boolean).join(': ')
  const inAll = (path: Path) =>
    change?.(
      ['sizes'],
      sizes.map((size) => put(size, path, '')),
    )
  return (
    <div className="flex flex-wrap gap-6">
      <KeyAdder label="A dimension of its own, for the formulas" keys={null} onAdd={(key) => inAll(['dimensions', key])} />
      <KeyAdder
        label="Another figure"
        keys={absent.map(nameOf)}
        onAdd={(name) => inAll(absent.find((row) => nameOf(row) === name)?.path ?? [])}
      />
    </div>
  )
}

/** Both numbers of a leaflet that contradicts itself: the one in the table is taken, the other is kept and proved too. */
function Contradictions({ size, place }: { size: Json; place: number }) {
  const { json, change } = useForm()
  const path = ['sizes', place, 'contradicted']
  const field = editionOf(json).form.fieldAt(path)
  const there = at(size, ['contradicted'])
  const count = Array.isArray(there) ? there.length : 0
  if (field?.shape.kind !== 'list' || (count === 0 && !change)) return null
  return (
    <details open={count > 0}>
      <summary className="min-h-11 text-plan underline underline-offset-4">
        Where the leaflet contradicts itself, {textOf(at(size, ['label'])) || `size ${place + 1}`}:{' '}
        {count === 0 ? 'nowhere' : count === 1 ? 'one number' : `${count} numbers`}
      </summary>
      <ItemList title="Other numbers" path={path} of={field.shape.of} />
    </details>
  )
}

function ConductorKinds({ size, place }: { size: Json; place: number }) {
  const { json, change } = useForm()
  const name = textOf(at(size, ['label'])) || `size ${place + 1}`
  const fields = editionOf(json)
    .form.fieldsOfDefinition('conductor')
    .filter((field) => field.shape.kind === 'choices')
  const isSaid = fields.some((field) => at(size, ['conductor', field.key]) !== undefined)
  if (!isSaid && !change) return null
  return (
    <details>
      <summary className="min-h-11 text-plan underline underline-offset-4">
        Conductors of {name}: {isSaid ? 'only some' : 'every kind'}
      </summary>
      <div className="grid gap-3">
        {fields.map((field) => (
          <Chips
            key={field.key}
            title={field.title}
            path={['sizes', place, 'conductor', field.key]}
            options={optionsOf(field.shape)}
            isNeeded={false}
          />
        ))}
      </div>
    </details>
  )
}
