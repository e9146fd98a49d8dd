import { Note } from '../../ui/Note'
import { Toggle } from '../../ui/Toggle'
import type { At } from './now'

const ENDS = [
  { value: 'both', label: 'Both ends' },
  { value: 'A', label: 'End A' },
  { value: 'B', label: 'End B' },
] as const

/** Two work at two ends: each says where, and is asked for what is next there. */
export function MyEnd({ at, onChange }: { at: At; onChange: (at: At) => void }) {
  return (
    <div className="flex items-center gap-3">
      <span className="text-label text-mute">I work at</span>
      <Toggle label="Where I work" value={at} onChange={onChange} options={ENDS} />
    </div>
  )
}

/** All that can be done at this end is done. */
export function OtherEnd({ at }: { at: 'A' | 'B' }) {
  const other = at === 'A' ? 'B' : 'A'
  return (
    <div className="max-desk:p-4">
      <Note tone="unproved" role="status" title={`End ${at} waits for end ${other}.`}>
        What is left of this stage is at end {other}. Choose “Both ends” to be asked for it here.
      </Note>
    </div>
  )
}
