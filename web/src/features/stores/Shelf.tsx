import type { ReactNode } from 'react'
import { Button } from '../../ui/Button'

type ShelfProps = {
  /** What is done beside the list. */
  side: ReactNode
  label: string
  page: { page: number; perPage: number; total: number } | null
  noun: string
  onPage: (page: number) => void
  children: ReactNode
}

/** A list of the stores with what is done beside it, a page at a time. */
export function Shelf({ side, label, page, noun, onPage, children }: ShelfProps) {
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] content-start gap-x-10 gap-y-6 desk:grid-cols-[22rem_minmax(0,1fr)]">
      <section className="grid content-start gap-4">{side}</section>
      <section aria-label={label} className="relative overflow-x-auto">
        {!page && <p role="status">Looking along the shelves</p>}
        {children}
        {page && page.total > page.perPage && (
          <div className="flex items-center gap-4 py-3">
            <Button disabled={page.page === 1} onClick={() => onPage(page.page - 1)}>
              Before
            </Button>
            <Button disabled={page.page * page.perPage >= page.total} onClick={() => onPage(page.page + 1)}>
              After
            </Button>
            <span className="text-mute">
              {page.total} {noun}
            </span>
          </div>
        )}
      </section>
    </div>
  )
}
