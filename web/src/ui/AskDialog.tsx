import { AlertDialog } from 'radix-ui'
import type { ReactNode } from 'react'
import { Button } from './Button.tsx'

export interface AskProps {
  readonly open: boolean
  readonly title: string
  readonly children: ReactNode
  /** The answers, the safe one first: it has the focus. */
  readonly answers: readonly { readonly label: string; readonly isMain?: boolean; readonly onTake: () => void }[]
}

/** A question that must be answered before anything else is done. */
export default function AskDialog({ open, title, children, answers }: AskProps) {
  return (
    <AlertDialog.Root open={open}>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-60 bg-[#06121f]/55" />
        <AlertDialog.Content className="fixed top-1/2 left-1/2 z-60 w-[calc(100vw-1.5rem)] max-w-xl -translate-x-1/2 -translate-y-1/2 rounded-[4px] border-2 border-ink bg-sheet p-5 text-ink">
          <AlertDialog.Title className="text-xl font-bold">{title}</AlertDialog.Title>
          <AlertDialog.Description asChild>
            <div className="mt-2">{children}</div>
          </AlertDialog.Description>
          <div className="mt-4 flex flex-wrap justify-end gap-2">
            {answers.map(({ label, isMain, onTake }, i) => {
              const button = (
                <Button look={isMain ? 'main' : 'plain'} onClick={onTake}>
                  {label}
                </Button>
              )
              return i === 0 ? (
                <AlertDialog.Cancel asChild key={label}>
                  {button}
                </AlertDialog.Cancel>
              ) : (
                <AlertDialog.Action asChild key={label}>
                  {button}
                </AlertDialog.Action>
              )
            })}
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  )
}
