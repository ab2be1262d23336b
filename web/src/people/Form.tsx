import type { ReactNode } from 'react'

/** Fields one below the other; Enter does the main thing. */
export function Form({ onSubmit, children }: { readonly onSubmit: () => void; readonly children: ReactNode }) {
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(e) => {
        e.preventDefault()
        onSubmit()
      }}
    >
      {children}
    </form>
  )
}
