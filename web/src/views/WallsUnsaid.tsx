import type { Job } from '../api/types'

/** Which parts are drawn without their sheet saying how thick they are. */
export function WallsUnsaid({ section }: { section: NonNullable<Job['section']> }) {
  const names = [...new Set(section.items.filter((one) => !one.wallSaid).map((one) => one.name.toLowerCase()))]
  if (names.length === 0) return null
  return (
    <p className="px-4 pb-1 text-label text-mute desk:px-6">
      Their sheet does not say how thick they are; drawn so that they are seen: {names.join(', ')}.
    </p>
  )
}
