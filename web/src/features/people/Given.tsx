import { Button } from '../../ui/Button'
import { Note } from '../../ui/Note'

/** A one-time password: shown once, to be read out. */
export function Given({ name, password, onDone }: { name: string; password: string; onDone: () => void }) {
  return (
    <Note tone="inside" role="status" title={`${name} signs in once with this password, within a week:`}>
      <p className="my-2 font-mono text-lead font-bold tracking-wide select-all">{password}</p>
      <p className="text-label text-mute">It is shown this once. After it they choose their own.</p>
      <Button className="mt-2" onClick={onDone}>
        I have passed it on
      </Button>
    </Note>
  )
}
