import type { ReactNode } from 'react'
import { classes } from './classes'

const TONES = { plan: 'border-plan', out: 'border-out', unproved: 'border-unproved', inside: 'border-inside' }

/** A remark beside the work, ruled at its edge. */
export function Note({
  tone = 'plan',
  title,
  children,
  role,
}: {
  tone?: keyof typeof TONES
  title?: ReactNode
  children?: ReactNode
  role?: 'alert' | 'status'
}) {
  return (
    <div role={role} className={classes('border-l-4 pl-3', TONES[tone])}>
      {title && <p className="font-semibold">{title}</p>}
      {children}
    </div>
  )
}
