import { useIsProvisional } from '../api/outbox'

/** What was judged on this device and what the server has not seen: both will most likely say the same, and only one of them counts. */
export function Provisional({ entry }: { entry: string | null }) {
  return useIsProvisional(entry) ? <span className="block text-label text-unproved">provisional</span> : null
}
