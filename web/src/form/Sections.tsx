import { Tabs } from 'radix-ui'
import { useState, type ReactNode } from 'react'
import { Fold } from '../ui/Fold.tsx'
import { useMedia } from '../ui/useMedia.ts'
import * as msg from './messages.en.ts'

export interface FormSection {
  readonly id: string
  readonly label: string
  /** Stands over the first section of a group, with what can be done to the whole group. */
  readonly group?: ReactNode
  readonly groupLabel?: string
  /** How many of its fields are wrong. */
  readonly faults: number
  readonly content: ReactNode
}

/** Sections in their groups: what can be done to a group stands between the lists, not inside one. */
function groupsOf(sections: readonly FormSection[]): readonly (readonly FormSection[])[] {
  const groups: FormSection[][] = []
  for (const section of sections) {
    if (section.group !== undefined || groups.length === 0) groups.push([])
    groups.at(-1)?.push(section)
  }
  return groups
}

/** A long form in parts of which one is open: nothing of it is below the fold, and a key pressed moves that part alone. */
export function Sections({
  sections,
  open,
  onOpen,
  label,
}: {
  readonly sections: readonly FormSection[]
  readonly open: string
  readonly onOpen: (id: string) => void
  readonly label: string
}) {
  // Beside a narrow form there is no room for the list of its parts: it opens from the one that is shown.
  const isWide = useMedia('(min-width: 640px)')
  const [isListOpen, setListOpen] = useState(false)
  const nav = (
    <div className="flex min-h-0 flex-col overflow-y-auto rounded-[3px] border border-line bg-sheet">
      {groupsOf(sections).map((group) => (
        <div key={group[0]?.id} className="contents">
          {group[0]?.group !== undefined && (
            <div className="border-t border-line bg-paper px-3 py-1">{group[0].group}</div>
          )}
          <Tabs.List aria-label={group[0]?.groupLabel ?? label} className="flex flex-col">
            {group.map((s) => (
              <Tabs.Trigger
                key={s.id}
                value={s.id}
                className="flex min-h-11 shrink-0 items-center justify-between gap-2 border-l-4 border-transparent px-3 text-left hover:bg-shoal focus-visible:outline-3 focus-visible:-outline-offset-3 focus-visible:outline-magenta data-[state=active]:border-ink data-[state=active]:bg-shoal data-[state=active]:font-bold"
              >
                {s.label}
                {s.faults > 0 && (
                  <span className="rounded-[2px] bg-fail px-1.5 text-sm font-bold text-sheet">
                    {s.faults}
                    <span className="sr-only">{msg.wrong}</span>
                  </span>
                )}
              </Tabs.Trigger>
            ))}
          </Tabs.List>
        </div>
      ))}
    </div>
  )
  return (
    <Tabs.Root
      value={open}
      onValueChange={(id) => {
        onOpen(id)
        setListOpen(false)
      }}
      orientation="vertical"
      // From one list to the next the Tab key goes without opening what it passes.
      activationMode="manual"
      className="grid min-h-0 min-w-0 grid-cols-[minmax(0,1fr)] gap-3 sm:grid-cols-[12.500rem_minmax(0,1fr)] lg:grid-rows-[minmax(0,1fr)]"
    >
      {isWide ? (
        nav
      ) : (
        <Fold
          className="rounded-[3px] border border-line bg-sheet px-3"
          open={isListOpen}
          onOpenChange={setListOpen}
          summary={msg.part(sections.find((s) => s.id === open)?.label ?? '')}
        >
          {nav}
        </Fold>
      )}
      {sections.map((s) => (
        <Tabs.Content
          key={s.id}
          value={s.id}
          tabIndex={-1}
          className="relative min-h-0 min-w-0 rounded-[3px] border border-line bg-sheet p-3.5 outline-none lg:overflow-y-auto"
        >
          {s.content}
        </Tabs.Content>
      ))}
    </Tabs.Root>
  )
}
