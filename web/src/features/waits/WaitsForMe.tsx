import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { sessionQuery } from '../../api/session'
import { waitsQuery } from '../../api/waits'
import { isMine } from './mine'

/** How much waits for whoever is signed in, and the way there. */
export function WaitsForMe() {
  const person = useQuery(sessionQuery).data?.person
  const waits = useQuery(waitsQuery).data?.waits ?? []
  const mine = person ? waits.filter((one) => isMine(one, person)).length : 0
  return (
    <Link to="/waits" className="min-h-11 content-center px-1 whitespace-nowrap text-plan underline underline-offset-4">
      {mine === 0 ? (
        'Waits'
      ) : (
        <strong className="text-unproved">{mine === 1 ? '1 waits for you' : `${mine} wait for you`}</strong>
      )}
    </Link>
  )
}
