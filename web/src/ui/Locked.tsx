import type { ReactNode } from 'react'

/** Fields that are looked at by whoever may not change them: every control in it is still. */
export function Locked({ when, children }: { readonly when: boolean; readonly children: ReactNode }) {
  return (
    <fieldset disabled={when} className="contents">
      {children}
    </fieldset>
  )
}
