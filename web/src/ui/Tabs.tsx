import { Tabs as Radix } from 'radix-ui'
import { useState, type ReactNode } from 'react'
import { usePrinting } from './usePrinting.ts'

interface Tab {
  readonly id: string
  readonly label: string
  readonly content: ReactNode
}

interface Props {
  readonly label: string
  readonly tabs: readonly Tab[]
  /** What stands on paper: all of them, or the first, which is a paper by itself. */
  readonly prints?: 'all' | 'first'
  /** Told which one is looked at now. */
  readonly onSelect?: (id: string) => void
}

/**
 * Parts of one thing, of which one is looked at. On paper all of them stand, one
 * below the other, or the first alone. A part is made when it is first looked at or printed, and
 * stays: what was typed into it is there when one comes back.
 */
export function Tabs({ label, tabs, prints = 'all', onSelect }: Props) {
  const [looked, setLooked] = useState<ReadonlySet<string>>(() => new Set(tabs.slice(0, 1).map((t) => t.id)))
  const isPrinting = usePrinting()
  return (
    <Radix.Root
      defaultValue={tabs[0]?.id ?? ''}
      onValueChange={(id) => {
        setLooked(new Set([...looked, id]))
        onSelect?.(id)
      }}
      className="flex min-h-0 flex-1 flex-col"
    >
      <Radix.List
        aria-label={label}
        className="no-print mb-2 flex shrink-0 overflow-x-auto rounded-[3px] border border-line bg-sheet"
      >
        {tabs.map((t) => (
          <Radix.Trigger
            key={t.id}
            value={t.id}
            className="min-h-11 flex-1 border-b-4 border-transparent px-3 whitespace-nowrap hover:bg-shoal focus-visible:outline-3 focus-visible:-outline-offset-3 focus-visible:outline-magenta data-[state=active]:border-ink data-[state=active]:bg-shoal data-[state=active]:font-bold"
          >
            {t.label}
          </Radix.Trigger>
        ))}
      </Radix.List>
      {tabs.map((t, i) => (
        <Radix.Content
          key={t.id}
          value={t.id}
          forceMount
          className={`relative min-h-0 flex-1 overflow-y-auto outline-none focus-visible:outline-3 focus-visible:-outline-offset-3 focus-visible:outline-magenta data-[state=inactive]:hidden print:mb-3 print:overflow-visible ${prints === 'all' || i === 0 ? 'print:data-[state=inactive]:block' : 'print:hidden'}`}
        >
          {(isPrinting || looked.has(t.id)) && t.content}
        </Radix.Content>
      ))}
    </Radix.Root>
  )
}
