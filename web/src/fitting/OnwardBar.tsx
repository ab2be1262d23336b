import type { ReactNode } from 'react'

/** What leads on from a stage: at the foot of its pane on a desk, at the thumb on a phone, wherever the page stands; the page keeps room for it (`FittingPage`). */
export function OnwardBar({ children }: { readonly children: ReactNode }) {
  return (
    <div
      data-onward=""
      className="no-print sticky bottom-0 flex items-center justify-end gap-2 border-t border-line bg-sheet p-2 max-lg:fixed max-lg:inset-x-0 max-lg:z-20"
    >
      {children}
    </div>
  )
}
