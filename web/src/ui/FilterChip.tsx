import { Check, ChevronDown, X } from 'lucide-react'
import { Popover } from 'radix-ui'
import { useState, type ReactNode } from 'react'
import { Button } from './Button.tsx'
import { SearchField } from './SearchField.tsx'
import * as msg from './messages.en.ts'

interface Shell {
  readonly label: string
  /** What is chosen, in words; none where everything is shown. */
  readonly chosen: string | undefined
  readonly onClear: () => void
  readonly children: (close: () => void) => ReactNode
}

/** One filter of a line of them: what it asks, or what it lets through; it opens on a press. */
export function FilterChipShell({ label, chosen, onClear, children }: Shell) {
  const [isOpen, setOpen] = useState(false)
  const isSet = chosen !== undefined
  return (
    <span
      className={`inline-flex shrink-0 rounded-[3px] border ${isSet ? 'border-ink bg-shoal-deep' : 'border-line bg-sheet'}`}
    >
      <Popover.Root open={isOpen} onOpenChange={setOpen}>
        <Popover.Trigger asChild>
          <Button
            look="bare"
            className="inline-flex min-h-11 max-w-64 items-center gap-1.5 px-3 text-[0.95rem] hover:bg-shoal"
          >
            <span className="truncate">
              {isSet ? (
                <>
                  {label}: <b>{chosen}</b>
                </>
              ) : (
                label
              )}
            </span>
            {!isSet && <ChevronDown size={16} aria-hidden="true" className="shrink-0" />}
          </Button>
        </Popover.Trigger>
        <Popover.Portal>
          <Popover.Content
            align="start"
            sideOffset={4}
            collisionPadding={12}
            aria-label={label}
            className="z-40 max-h-[min(28rem,70dvh)] w-72 overflow-y-auto rounded-[4px] border-2 border-ink bg-sheet p-2 text-ink shadow-lg"
          >
            {children(() => setOpen(false))}
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
      {isSet && (
        <Button
          look="bare"
          aria-label={msg.removeTheFilter(label)}
          className="grid min-h-11 w-10 place-items-center border-l border-line hover:bg-shoal"
          onClick={onClear}
        >
          <X size={16} aria-hidden="true" />
        </Button>
      )}
    </span>
  )
}

interface Option {
  readonly id: string
  readonly label: string
}

/** More than this are found by typing. */
const MANY = 9

/** A filter that lets one of several through. */
export function FilterChip({
  label,
  options,
  value,
  onChange,
}: {
  readonly label: string
  readonly options: readonly Option[]
  readonly value: string
  readonly onChange: (id: string) => void
}) {
  const chosen = options.find((o) => o.id === value)?.label ?? (value === '' ? undefined : value)
  return (
    <FilterChipShell label={label} chosen={chosen} onClear={() => onChange('')}>
      {(close) => (
        <OptionList
          label={label}
          options={options}
          value={value}
          onChange={(id) => {
            onChange(id)
            close()
          }}
        />
      )}
    </FilterChipShell>
  )
}

function OptionList({ label, options, value, onChange }: Parameters<typeof FilterChip>[0]) {
  const [search, setSearch] = useState('')
  const wanted = search.trim().toLowerCase()
  const shown = options.filter((o) => o.label.toLowerCase().includes(wanted))
  return (
    <>
      {options.length > MANY && (
        <SearchField label={msg.find(label)} value={search} onChange={setSearch} className="mb-1" />
      )}
      {shown.length === 0 && (
        <p className="p-2 text-ink-soft">{options.length === 0 ? msg.nothingToChooseFromYet : msg.noneOfThatName}</p>
      )}
      <ul aria-label={label}>
        {shown.map((o) => (
          <li key={o.id}>
            <Button
              look="bare"
              aria-pressed={o.id === value}
              className={`flex min-h-11 w-full items-center gap-2 px-2 text-left hover:bg-shoal ${o.id === value ? 'font-bold' : ''}`}
              onClick={() => onChange(o.id)}
            >
              <Check size={16} aria-hidden="true" className={o.id === value ? '' : 'invisible'} />
              {o.label}
            </Button>
          </li>
        ))}
      </ul>
    </>
  )
}
