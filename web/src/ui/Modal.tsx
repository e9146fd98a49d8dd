import { Dialog } from 'radix-ui'
import type { ReactNode } from 'react'

type ModalProps = { title: string; open: boolean; onClose?: (() => void) | undefined; children: ReactNode }

/** One question over the sheet; Escape closes it where closing is an answer. */
export function Modal({ title, open, onClose, children }: ModalProps) {
  return (
    <Dialog.Root open={open} onOpenChange={(isOpen) => !isOpen && onClose?.()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-ink/50" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed inset-x-0 bottom-0 z-30 max-h-[92dvh] overflow-auto border-t-2 border-ink bg-chalk p-6 desk:top-1/2 desk:bottom-auto desk:left-1/2 desk:w-[min(60rem,92vw)] desk:-translate-x-1/2 desk:-translate-y-1/2 desk:border-2"
        >
          <Dialog.Title className="mb-4 text-lead font-bold">{title}</Dialog.Title>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
