import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { leaveBehind, storageQuery, useTakenAlong } from '../../api/device'
import type { TakenAlong } from '../../engine/carried'
import { clockOrDay, sayBytes } from '../../domain/waiting'
import { Button } from '../../ui/Button'
import { Note } from '../../ui/Note'

/** What lies in this browser for work without signal. */
export function OnThisDevice() {
  const taken = useTakenAlong()
  return (
    <section aria-label="On this device" className="grid gap-4 border-t-2 border-ink pt-4">
      <h2 className="text-lead font-semibold">On this device</h2>
      {taken?.length === 0 && (
        <p>Nothing was taken along. Where a job begins, “Take it along” makes it ready for work without signal.</p>
      )}
      {taken && taken.length > 0 && (
        <ul aria-label="Jobs on this device" className="border-t border-line">
          {taken.map((job) => (
            <Row key={job.jobId} job={job} />
          ))}
        </ul>
      )}
      <Room />
      <p className="max-w-[42rem] text-label text-mute">
        What lies here is sealed by a key of yours that nobody can read out; somebody else who signs in here sees nothing of it.
        Whoever holds this device unlocked while you are signed in sees what you see: lock it.
      </p>
    </section>
  )
}

function Row({ job: { jobId, name, at, size } }: { job: TakenAlong }) {
  return (
    <li className="flex flex-wrap items-center justify-between gap-x-6 border-b border-line py-2">
      <span>
        <Link to={`/jobs/${jobId}`} className="font-semibold hover:underline">
          {name || 'A job that cannot be read'}
        </Link>
        <span className="block text-label text-mute">
          {at === null ? 'It is damaged: take it along anew.' : `as of ${clockOrDay(at)}, ${sayBytes(size)}`}
        </span>
      </span>
      <Button kind="link" onClick={() => void leaveBehind(jobId)}>
        Remove it from here
      </Button>
    </li>
  )
}

/** More than this is said before it is full. */
const NEARLY = 0.9

function Room() {
  const room = useQuery(storageQuery).data
  if (!room) return null
  const isTight = room.used > NEARLY * room.quota
  return (
    <>
      <p className="text-label">
        Berm takes {sayBytes(room.used)} here, of {sayBytes(room.quota)} that the browser gives it.
      </p>
      {isTight && (
        <Note tone="out" role="alert" title="This device is nearly full.">
          Remove a job that is done, or free some room, before you go where there is no signal.
        </Note>
      )}
      {!room.stays && (
        <Note tone="unproved" title="The browser does not promise to keep it.">
          It may clear it away when the device runs out of room. Install Berm from the browser’s menu, or send before you leave
          the signal.
        </Note>
      )}
    </>
  )
}
