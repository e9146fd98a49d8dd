import { MarkTable, type MarkTableProps } from './MarkTable'

type MarkTablesProps = Pick<MarkTableProps, 'job' | 'show'> & Partial<Pick<MarkTableProps, 'datum' | 'active' | 'onPick'>>

/** The marks of every end of the job, one table each; only to be read where nothing is said of picking. */
export function MarkTables({ job, show, datum = 'cable-end', active = null, onPick = () => undefined }: MarkTablesProps) {
  return (
    <section
      aria-label="Marks of each end"
      tabIndex={0}
      className="relative grid grid-cols-[minmax(0,1fr)] gap-5 overflow-x-auto print:overflow-visible"
    >
      {job.ends.map(({ end }) => (
        <MarkTable key={end} job={job} end={end} datum={datum} active={active} onPick={onPick} show={show} />
      ))}
    </section>
  )
}
