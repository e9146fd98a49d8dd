import { Field } from '../../ui/Field'

type DoneEarlierProps = { at: string; onAt: (at: string) => void }

/** When it was done, where it is written down later than that: waits are counted from there. */
export function DoneEarlier({ at, onAt }: DoneEarlierProps) {
  return (
    <details open={at !== '' || undefined}>
      <summary className="min-h-11 text-plan underline underline-offset-4">It was done earlier</summary>
      <Field label="Done at" hint="As your own clock showed it; it stands in the log beside the time of writing.">
        {(input) => <input {...input} type="datetime-local" value={at} onChange={(event) => onAt(event.target.value)} />}
      </Field>
    </details>
  )
}

/** A time of this device's day, for everybody; null where it is now. */
export const toldAt = (at: string): string | null => (at === '' ? null : new Date(at).toISOString())
