/** How layers are told apart: by pattern first. Ids are unique per drawing so that two drawings may share a page. */
export function Patterns({ id }: { id: string }) {
  return (
    <defs>
      <pattern id={`${id}-metallic-screen`} width="12" height="12" patternUnits="userSpaceOnUse" patternTransform="rotate(30)">
        <rect width="12" height="12" fill="var(--color-copper)" />
        <line x1="0" y1="0" x2="0" y2="12" stroke="var(--color-ink)" strokeWidth="1.6" opacity="0.6" />
      </pattern>
      <pattern id={`${id}-insulation-screen`} width="6" height="6" patternUnits="userSpaceOnUse">
        <rect width="6" height="6" fill="var(--color-screen)" />
        <circle cx="3" cy="3" r="1.1" fill="var(--color-ink)" />
      </pattern>
      <pattern id={`${id}-conductor`} width="8" height="5" patternUnits="userSpaceOnUse">
        <rect width="8" height="5" fill="var(--color-core)" />
        <line x1="0" y1="2.5" x2="8" y2="2.5" stroke="var(--color-ink)" strokeWidth="0.9" opacity="0.7" />
      </pattern>
      <pattern id={`${id}-connector`} width="10" height="10" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="10" height="10" fill="var(--color-metal)" />
        <line x1="0" y1="0" x2="0" y2="10" stroke="var(--color-ink)" strokeWidth="1" opacity="0.55" />
      </pattern>
      <pattern id={`${id}-belt`} width="6" height="6" patternUnits="userSpaceOnUse">
        <rect width="6" height="6" fill="var(--color-paper)" />
        <path d="M0 3h3M3 6h3" stroke="var(--color-ink)" strokeWidth="0.7" opacity="0.55" />
      </pattern>
      <pattern id={`${id}-lead-sheath`} width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(-30)">
        <rect width="7" height="7" fill="var(--color-metal)" />
        <line x1="0" y1="0" x2="0" y2="7" stroke="var(--color-ink)" strokeWidth="2.4" opacity="0.45" />
      </pattern>
      <pattern id={`${id}-bedding`} width="7" height="7" patternUnits="userSpaceOnUse">
        <rect width="7" height="7" fill="var(--color-soft)" />
        <path d="M0 7L7 0" stroke="var(--color-ink)" strokeWidth="0.8" opacity="0.5" />
      </pattern>
      <pattern id={`${id}-laid-up-cores`} width="9" height="9" patternUnits="userSpaceOnUse">
        <rect width="9" height="9" fill="var(--color-soft)" />
        <circle cx="2.5" cy="2.5" r="0.9" fill="var(--color-mute)" />
        <circle cx="7" cy="7" r="0.9" fill="var(--color-mute)" />
      </pattern>
      <pattern id={`${id}-armour`} width="9" height="9" patternUnits="userSpaceOnUse">
        <rect width="9" height="9" fill="var(--color-metal)" />
        <circle cx="4.5" cy="4.5" r="3.4" fill="none" stroke="var(--color-ink)" strokeWidth="1.1" />
      </pattern>
      <pattern id={`${id}-grading`} width="8" height="8" patternUnits="userSpaceOnUse">
        <rect width="8" height="8" fill="var(--color-tape)" />
        <path d="M0 4q2 -3 4 0t4 0" fill="none" stroke="var(--color-ink)" strokeWidth="0.9" opacity="0.7" />
      </pattern>
      <pattern id={`${id}-insulating`} width="14" height="6" patternUnits="userSpaceOnUse">
        <rect width="14" height="6" fill="var(--color-chalk)" />
        <path d="M2 3h6" stroke="var(--color-plan)" strokeWidth="0.9" opacity="0.6" />
      </pattern>
    </defs>
  )
}

export function layerFill(id: string, layer: string): string {
  if (layer === 'oversheath') return 'var(--color-sheath)'
  if (layer === 'insulation') return 'var(--color-white)'
  if (layer === 'conductor-screen') return `url(#${id}-insulation-screen)`
  return `url(#${id}-${layer})`
}

/** By what an item is electrically, as a layer of the same kind is drawn. */
export function classFill(id: string, electrical: string): string {
  if (electrical === 'metal') return `url(#${id}-metallic-screen)`
  if (electrical === 'semiconducting') return `url(#${id}-insulation-screen)`
  if (electrical === 'grading' || electrical === 'insulating') return `url(#${id}-${electrical})`
  return 'var(--color-soft)'
}
