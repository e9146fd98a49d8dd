import { useState } from 'react'
import { emptyOf, type Shape } from '../../domain/form'
import { at, isObject, pathText, type Json, type Path } from '../../domain/json'
import { capital, word } from '../../domain/words'
import { Button } from '../../ui/Button'
import { useUnit } from '../../ui/UnitContext'
import { Entry } from './Entry'
import { FaultCount } from './FaultCount'
import { Fields } from './Fields'
import { faultAt, faultsWithin } from './faults'
import { useForm } from './FormContext'

type ItemListProps = { title: string; path: Path; of: Shape }

/** Things in their order: each can be opened, moved, copied and taken out. */
export function ItemList({ title, path, of }: ItemListProps) {
  const { json, change, problems } = useForm()
  const there = at(json, path)
  const items = Array.isArray(there) ? there : []
  const fault = faultAt(problems, path)
  const [added, setAdded] = useState<number | null>(null)
  const add = () => {
    setAdded(items.length)
    change?.([...path, items.length], emptyOf(of))
  }
  return (
    <section aria-label={title} className="grid gap-1">
      <h3 className="font-semibold">{title}</h3>
      {fault && <p className="text-label font-semibold text-out">{fault}</p>}
      <ol className="border-t-2 border-ink">
        {items.map((item, place) => (
          <li key={place} className="border-b border-line">
            <Item
              item={item}
              place={place}
              path={path}
              of={of}
              count={items.length}
              isOpen={place === added || (items.length === 1 && path.length > 1)}
            />
          </li>
        ))}
      </ol>
      {change && (
        <Button className="justify-self-start" onClick={add}>
          Add to {title.charAt(0).toLowerCase() + title.slice(1)}
        </Button>
      )}
    </section>
  )
}

type ItemProps = { item: Json; place: number; path: Path; of: Shape; count: number; isOpen: boolean }

function Item({ item, place, path, of, count, isOpen }: ItemProps) {
  const { problems, example, notes } = useForm()
  const unit = useUnit()
  const here = [...path, place]
  if (of.kind !== 'group')
    return (
      <div className="flex items-start gap-2 py-1">
        <div className="grow">
          <Entry field={{ key: '', title: `${place + 1}`, hint: '', isRequired: true, shape: of }} path={here} />
        </div>
        <ItemTools place={place} path={path} count={count} name={`${place + 1}`} />
      </div>
    )
  const name = capital(word(headline(item) || `${place + 1}`, unit))
  const faults = faultsWithin(problems, here)
  return (
    <details className="group" open={isOpen} data-path={pathText(here)}>
      <summary className="flex min-h-12 cursor-pointer items-center gap-3 py-1">
        <span aria-hidden className="w-4 text-plan group-open:rotate-90">
          ▸
        </span>
        <span className="grow font-semibold">{name}</span>
        {example?.(here)}
        <FaultCount count={faults} />
      </summary>
      <div className="grid gap-3 border-l-4 border-ink pb-4 pl-4">
        <ItemTools place={place} path={path} count={count} name={name} />
        {notes?.(here)}
        {faultAt(problems, here) && <p className="font-semibold text-out">{faultAt(problems, here)}</p>}
        <Fields fields={of.fields} path={here} />
      </div>
    </details>
  )
}

function ItemTools({ place, path, count, name }: { place: number; path: Path; count: number; name: string }) {
  const { json, change, move } = useForm()
  if (!change) return null
  const list = at(json, path)
  const copy = Array.isArray(list) ? list[place] : undefined
  return (
    <div className="flex flex-wrap gap-x-1 text-label">
      <Button kind="link" disabled={place === 0} aria-label={`Earlier: ${name}`} onClick={() => move(path, place, -1)}>
        earlier
      </Button>
      <Button kind="link" disabled={place === count - 1} aria-label={`Later: ${name}`} onClick={() => move(path, place, 1)}>
        later
      </Button>
      <Button kind="link" aria-label={`Copy: ${name}`} onClick={() => copy !== undefined && change([...path, count], copy)}>
        copy
      </Button>
      <Button kind="link" aria-label={`Take out: ${name}`} onClick={() => change([...path, place], undefined)}>
        take out
      </Button>
    </div>
  )
}

const HEADS = ['title', 'name', 'label', 'ask', 'cut', 'rule', 'distance', 'dimension', 'key']

/** What an item is known by. */
function headline(item: Json): string {
  if (!isObject(item)) return ''
  const head = HEADS.map((key) => item[key]).find((text) => typeof text === 'string' && text !== '')
  const when = item['when']
  // A name stays as it is written; a key or a kind is read without its hyphens.
  const text = typeof head !== 'string' ? '' : head === item['name'] ? head : head.replaceAll('-', ' ')
  return typeof when === 'string' && when !== '' ? `${text}, when ${when}` : text
}
