import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { isAmong } from '../api/checks'
import { cableQueries } from '../api/cables'
import type { CableType } from '../api/types'
import { sayFine } from '../domain/length'
import { Button } from '../ui/Button'
import { classes } from '../ui/classes'
import { Field } from '../ui/Field'
import { useUnit } from '../ui/UnitContext'
import { NotCheckedMark } from './NotChecked'
import { Unreadable } from './Unreadable'

type CableSearchProps = {
  search: string
  onSearch: (search: string) => void
  chosen: CableType | null
  /** @param page on which page of the search it stands */
  onChoose: (cable: CableType, page: number) => void
}

/** Cables by the words on the drum, a page at a time. */
export function CableSearch({ search, onSearch, chosen, onChoose }: CableSearchProps) {
  const unit = useUnit()
  const [page, setPage] = useState(1)
  const cables = useQuery(cableQueries.page(search, unit, page))
  const over = (cable: CableType, layer: string) => {
    const mm = cable.layers.find((one) => one.layer === layer)?.diameterMm
    return mm === undefined ? 'not known' : sayFine(mm, unit)
  }
  const last = cables.data ? Math.max(1, Math.ceil(cables.data.total / cables.data.perPage)) : 1
  return (
    <div className="grid gap-3">
      <Field label="As the drum or the record has it" hint={`${cables.data?.total ?? 0} found`}>
        {(input) => (
          <input
            {...input}
            placeholder="95 al 11"
            autoComplete="off"
            value={search}
            onChange={(event) => {
              onSearch(event.target.value)
              setPage(1)
            }}
          />
        )}
      </Field>
      {cables.error && <p role="alert">{cables.error.message}</p>}
      <Unreadable rows={cables.data?.unreadable} />
      {cables.data?.total === 0 && <p>No cable has these words. Type fewer, or enter it from its drum.</p>}
      <ul className="max-h-[52dvh] overflow-auto border-t-2 border-ink" aria-label="Cables" tabIndex={0}>
        {cables.data?.cables.map((cable) => (
          <li key={`${cable.id}${cable.revision}`} className="border-b border-line">
            <button
              type="button"
              aria-current={chosen?.id === cable.id || undefined}
              className={classes(
                'grid min-h-12 w-full gap-x-4 px-2 py-1.5 text-left hover:bg-soft desk:grid-cols-[1fr_auto] desk:items-center',
                chosen?.id === cable.id && 'border-l-8 border-ink bg-soft',
              )}
              onClick={() => onChoose(cable, page)}
            >
              <span className="font-semibold">{cable.designation}</span>
              <span className="text-label text-mute">
                {isAmong(cables.data.unchecked, cable) && (
                  <>
                    <NotCheckedMark /> ·{' '}
                  </>
                )}
                insulation {over(cable, 'insulation')} · over all {over(cable, 'oversheath')}
              </span>
            </button>
          </li>
        ))}
      </ul>
      {last > 1 && (
        <nav aria-label="Pages of cables" className="flex items-center gap-4">
          <Button disabled={page <= 1} onClick={() => setPage(page - 1)}>
            Before
          </Button>
          <span>
            {page} of {last}
          </span>
          <Button disabled={page >= last} onClick={() => setPage(page + 1)}>
            After
          </Button>
        </nav>
      )}
    </div>
  )
}
