import type { ComponentProps, MouseEvent } from 'react'
import { classes } from './classes'

type Kind = 'primary' | 'plain' | 'link'

const KINDS: Record<Kind, string> = {
  primary: 'bg-ink text-chalk font-semibold px-5 border-2 border-ink hover:bg-plan hover:border-plan',
  plain: 'bg-transparent text-ink px-5 border-2 border-ink hover:bg-soft',
  link: 'text-left text-plan underline underline-offset-4 px-1',
}

type ButtonProps = ComponentProps<'button'> & { kind?: Kind }

export function Button({ kind = 'plain', className, onClick, ...button }: ButtonProps) {
  // The second of a double touch, in gloves or by a tremble, would answer what has come in its place meanwhile, unread.
  const once = (event: MouseEvent<HTMLButtonElement>) => {
    if (event.detail > 1) event.preventDefault()
    else onClick?.(event)
  }
  return (
    <button
      type="button"
      {...button}
      onClick={once}
      className={classes('min-h-12 text-body disabled:cursor-not-allowed disabled:opacity-50', KINDS[kind], className)}
    />
  )
}
