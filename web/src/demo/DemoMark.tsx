import type { DemoView } from '@nimble-anchor/core/formats'
import { useDemo } from './useDemo.ts'
import * as msg from './messages.en.ts'

/** Says of a record that it is the demo's: made up, and gone with it. */
export function DemoMark({ kind, id }: { readonly kind: keyof DemoView['ids']; readonly id: string }) {
  const demo = useDemo()
  if (!demo?.ids[kind].includes(id)) return null
  return <DemoWord />
}

export const DemoWord = () => (
  <span className="ml-2 inline-block rounded-[2px] border border-line px-1 align-middle text-xs font-normal text-ink-soft">
    {msg.demo3}
  </span>
)
