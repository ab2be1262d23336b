import { RadioGroup } from 'radix-ui'
import type { ComponentProps } from 'react'

/** One of a group of which one holds, as a dot; its words stand in the label around it, or are given. */
export function RadioDot({ id, label }: { readonly id: string; readonly label?: string }) {
  return (
    <RadioGroup.Item
      value={id}
      aria-label={label}
      className="grid size-11 shrink-0 place-items-center focus-visible:outline-3 focus-visible:-outline-offset-2 focus-visible:outline-magenta"
    >
      <span className="grid size-6 place-items-center rounded-full border border-ink bg-sheet">
        <RadioGroup.Indicator className="size-3.5 rounded-full bg-ink" />
      </span>
    </RadioGroup.Item>
  )
}
/** The group around such dots, without a look of its own. Enter does the main thing of the form it stands in. */
export function RadioRows(props: ComponentProps<typeof RadioGroup.Root>) {
  return (
    <RadioGroup.Root
      {...props}
      onKeyDown={(e) => {
        if (e.key === 'Enter') (e.target as HTMLElement).closest('form')?.requestSubmit()
      }}
    />
  )
}
