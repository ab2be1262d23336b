import { ChevronDown } from 'lucide-react'
import { Popover } from 'radix-ui'
import { useId, useState } from 'react'
import { Button } from './Button.tsx'
import { CheckBox } from './CheckBox.tsx'
import { SearchField } from './SearchField.tsx'
import type { SelectOption } from './SelectBox.tsx'
import * as msg from './messages.en.ts'

/** So much is read in one line. */
const SHORT = 40

interface Props {
  readonly label: string
  readonly options: readonly SelectOption[]
  readonly chosen: readonly string[]
  readonly onChange: (chosen: readonly string[]) => void
  /** Shown while nothing is chosen. */
  readonly none: string
}

/** So many are seen at one look; more are found by typing. */
const SEEN_AT_ONCE = 9

/** Any of many, ticked in a list that opens; closed, it says how many and the first of them. */
export function PickMany({ label, options, chosen, onChange, none }: Props) {
  const id = useId()
  const [search, setSearch] = useState('')
  const known = new Set(options.map((o) => o.id))
  const all = [...options, ...chosen.filter((c) => !known.has(c)).map((c) => ({ id: c, label: msg.noLongerThere(c) }))] // prettier-ignore
  const named = all.filter((o) => chosen.includes(o.id)).map((o) => o.label)
  const wanted = search.trim().toLowerCase()
  const shown = all.filter((o) => o.label.toLowerCase().includes(wanted))
  const whole = named.join(', ')
  const said = named.length === 0 ? none : named.length <= 2 || whole.length <= SHORT ? whole : `${named.length}: ${named.slice(0, 2).join(', ')} …` // prettier-ignore
  return (
    <div className="flex min-w-0 flex-col gap-1">
      <span id={id} className="text-sm font-semibold text-ink-soft">
        {label}
      </span>
      <Popover.Root onOpenChange={() => setSearch('')}>
        <Popover.Trigger asChild>
          <Button
            look="bare"
            aria-label={`${label}: ${said}`}
            className="inline-flex min-h-11 w-full min-w-0 items-center justify-between gap-2 rounded-[3px] border border-line bg-sheet px-2 text-left"
          >
            <span className={`min-w-0 truncate ${named.length === 0 ? 'text-ink-soft' : ''}`}>{said}</span>
            <ChevronDown size={18} aria-hidden="true" className="shrink-0" />
          </Button>
        </Popover.Trigger>
        <Popover.Portal>
          <Popover.Content
            align="start"
            sideOffset={4}
            collisionPadding={12}
            aria-labelledby={id}
            className="z-60 max-h-[min(28rem,70dvh)] w-[min(26rem,90vw)] overflow-y-auto rounded-[4px] border-2 border-ink bg-sheet p-2 text-ink shadow-lg"
          >
            {all.length > SEEN_AT_ONCE && <SearchField label={msg.find(label)} value={search} onChange={setSearch} />}
            {shown.length === 0 && <p className="p-2 text-ink-soft">{msg.noneOfThatName}</p>}
            {shown.map((o) => (
              <CheckBox
                key={o.id}
                checked={chosen.includes(o.id)}
                // In the order of the list, whichever was ticked first.
                onChange={(is) => onChange(all.map((x) => x.id).filter((x) => (x === o.id ? is : chosen.includes(x))))}
              >
                {o.label}
              </CheckBox>
            ))}
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
    </div>
  )
}
