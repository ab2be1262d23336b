import type { FormEvent, ReactNode } from 'react'

/** Fields one below the other; Enter does the main thing. */
export function Form({
  onSubmit,
  children,
}: {
  readonly onSubmit: (event: FormEvent<HTMLFormElement>) => void
  readonly children: ReactNode
}) {
  return (
    <form className="flex flex-col gap-3" onSubmit={onSubmit}>
      {children}
    </form>
  )
}
