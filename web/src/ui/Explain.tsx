import { Popover } from 'radix-ui'
import type { ReactNode } from 'react'
import { Button } from './Button.tsx'
import * as msg from './messages.en.ts'

/** The reason behind a figure, opened where the figure stands; the page does not move. */
export function Explain({ label, children }: { readonly label: string; readonly children: ReactNode }) {
  return (
    <Popover.Root>
      <Popover.Trigger asChild>
        <Button
          look="quiet"
          aria-label={label}
          className="min-h-0! px-1! text-sm! max-lg:min-h-11! pointer-coarse:min-h-11!"
        >
          {msg.why}
        </Button>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="bottom"
          align="end"
          collisionPadding={8}
          aria-label={label}
          className="z-60 max-w-sm rounded-[3px] border-2 border-ink bg-sheet p-3 text-ink"
        >
          {children}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
