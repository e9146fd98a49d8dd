import type { ComponentProps } from 'react'
import { classes } from './classes'

type Kind = 'primary' | 'plain' | 'link'

const KINDS: Record<Kind, string> = {
  primary: 'bg-ink text-chalk font-semibold px-5 border-2 border-ink hover:bg-plan hover:border-plan',
  plain: 'bg-transparent text-ink px-5 border-2 border-ink hover:bg-soft',
  link: 'text-left text-plan underline underline-offset-4 px-1',
}

type ButtonProps = ComponentProps<'button'> & { kind?: Kind }

export function Button({ kind = 'plain', className, ...button }: ButtonProps) {
  return (
    <button
      type="button"
      {...button}
      className={classes('min-h-12 text-body disabled:cursor-not-allowed disabled:opacity-50', KINDS[kind], className)}
    />
  )
}
