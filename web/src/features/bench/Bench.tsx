import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { benchQueries } from '../../api/bench'
import { Note } from '../../ui/Note'
import { Accessory } from './Accessory'
import { PLACES } from './places'

/** Each calculation alone, without a job. */
export function Bench() {
  const { data, error } = useQuery(benchQueries.tools())
  return (
    <main className="mx-auto grid w-full max-w-[78rem] content-start gap-4 p-4 desk:p-6">
      <title>Bench · Berm</title>
      <h1 className="text-lead font-bold">Bench</h1>
      <p>Each calculation alone, where it belongs on an accessory. Nothing is kept; the address holds what you typed.</p>
      {error && (
        <Note tone="out">
          The server does not answer, and the engine is not on this device: it comes with a job that is taken along.
        </Note>
      )}
      <div className="max-desk:hidden">
        <Accessory />
      </div>
      <ul className="grid gap-x-8 border-t-2 border-ink sm:grid-cols-2 desk:hidden">
        {PLACES.map(({ tool, name }) => (
          <li key={tool} className="border-b border-line">
            <Link to={`/bench/${tool}`} className="grid min-h-14 content-center py-2 hover:bg-soft">
              <span className="font-semibold text-plan underline underline-offset-4">{name}</span>
              <span className="text-label text-mute">{data?.tools.find(({ key }) => key === tool)?.does}</span>
            </Link>
          </li>
        ))}
      </ul>
    </main>
  )
}
