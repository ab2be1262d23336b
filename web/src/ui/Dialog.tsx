import { X } from 'lucide-react'
import { Dialog as Radix } from 'radix-ui'
import type { ReactNode } from 'react'
import * as msg from './messages.en.ts'

interface Props {
  readonly open: boolean
  readonly onOpenChange: (open: boolean) => void
  readonly title: string
  readonly children: ReactNode
  /** From the right edge, full height, as the ledger on a phone. */
  readonly asDrawer?: boolean
  readonly isWide?: boolean
}

/** The first field has the keyboard, not the button that closes; under a finger no keyboard comes up unasked. */
function toFirstField(e: Event): void {
  if (matchMedia('(pointer: coarse)').matches) return
  const dialog = e.currentTarget instanceof HTMLElement ? e.currentTarget : undefined
  const field = dialog?.querySelector<HTMLElement>('input:not([disabled]), textarea:not([disabled])')
  if (!field) return
  e.preventDefault()
  field.focus()
}

export function Dialog({ open, onOpenChange, title, children, asDrawer = false, isWide = false }: Props) {
  return (
    <Radix.Root open={open} onOpenChange={onOpenChange}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-[#06121f]/55" />
        <Radix.Content
          aria-describedby={undefined}
          onOpenAutoFocus={toFirstField}
          className={
            asDrawer
              ? 'fixed inset-y-0 right-0 z-50 flex w-full max-w-md flex-col overflow-y-auto border-l-4 border-shoal-deep bg-sheet p-4 text-ink'
              : `${isWide ? 'max-w-5xl' : 'max-w-2xl'} fixed top-1/2 left-1/2 z-50 flex max-h-[92dvh] w-[calc(100vw-1.5rem)] -translate-x-1/2 -translate-y-1/2 flex-col overflow-y-auto rounded-[4px] border-2 border-ink bg-sheet p-5 text-ink`
          }
        >
          <div className="mb-3 flex items-start justify-between gap-4">
            <Radix.Title className="text-xl font-bold">{title}</Radix.Title>
            <Radix.Close
              aria-label={msg.close}
              className="-mt-1.5 -mr-1.5 grid size-11 shrink-0 place-items-center hover:bg-shoal"
            >
              <X size={20} aria-hidden="true" />
            </Radix.Close>
          </div>
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  )
}
