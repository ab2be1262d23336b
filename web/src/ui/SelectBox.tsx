import { Check, ChevronDown } from 'lucide-react'
import { Select } from 'radix-ui'
import { useState, type KeyboardEvent } from 'react'

export interface SelectOption {
  readonly id: string
  readonly label: string
}

interface Props {
  readonly id?: string | undefined
  readonly value: string
  readonly options: readonly SelectOption[]
  readonly onChange: (id: string) => void
  readonly disabled?: boolean | undefined
  /** Shown while nothing is chosen. */
  readonly placeholder?: string | undefined
  readonly label?: string | undefined
  readonly labelledBy?: string | undefined
  readonly describedBy?: string | undefined
  readonly isFaulty?: boolean | undefined
  /** In a grid, for whoever goes from cell to cell. */
  readonly cell?: string | undefined
  readonly onKeyDown?: ((e: KeyboardEvent<HTMLButtonElement>) => void) | undefined
  readonly className?: string | undefined
}

/** The list takes no empty value; ours may be empty: "not recorded". */
const keyOf = (id: string): string => `=${id}`

/**
 * A list that opens, without a label of its own. Passing over an option chooses nothing; it counts when it is taken.
 *
 * Its options are made when it opens: made beforehand, those of a dozen closed lists were half the work of a change of
 * stage, and every list was drawn twice.
 */
export function SelectBox(p: Props) {
  const [isOpen, setOpen] = useState(false)
  const chosen = p.options.find((o) => o.id === p.value)
  return (
    <Select.Root
      open={isOpen}
      onOpenChange={setOpen}
      value={chosen ? keyOf(p.value) : ''}
      onValueChange={(key) => p.onChange(key.slice(1))}
      disabled={p.disabled ?? false}
    >
      <Select.Trigger
        id={p.id}
        aria-label={p.label}
        aria-labelledby={p.labelledBy}
        aria-describedby={p.describedBy}
        aria-invalid={p.isFaulty}
        data-cell={p.cell}
        onKeyDown={(e) => {
          p.onKeyDown?.(e)
          // Closed, the list would take the first option that begins with the key: an entry nobody meant.
          if (e.key.length === 1 && e.key !== ' ') e.preventDefault()
        }}
        className={`inline-flex min-h-11 w-full min-w-0 items-center justify-between gap-2 rounded-[3px] border border-line bg-sheet px-2 text-left text-ink focus-visible:outline-3 focus-visible:outline-offset-2 focus-visible:outline-magenta disabled:opacity-70 ${p.className ?? ''}`}
      >
        <span className={`min-w-0 truncate ${chosen ? '' : 'text-ink-soft'}`}>
          {chosen?.label ?? p.placeholder ?? ''}
        </span>
        <ChevronDown size={18} aria-hidden="true" className="shrink-0" />
      </Select.Trigger>
      {isOpen && (
        <Select.Portal>
          <Select.Content
            position="popper"
            sideOffset={2}
            className="z-60 max-h-[min(24rem,var(--radix-select-content-available-height))] min-w-(--radix-select-trigger-width) overflow-hidden rounded-[3px] border-2 border-ink bg-sheet text-ink"
          >
            <Select.Viewport>
              {p.options.map((o) => (
                <Select.Item
                  key={o.id}
                  value={keyOf(o.id)}
                  data-value={o.id}
                  className="flex min-h-11 items-center gap-2 px-3 outline-none select-none data-highlighted:bg-shoal-deep"
                >
                  <span className="grid size-4 place-items-center">
                    <Select.ItemIndicator>
                      <Check size={16} aria-hidden="true" />
                    </Select.ItemIndicator>
                  </span>
                  <Select.ItemText>{o.label}</Select.ItemText>
                </Select.Item>
              ))}
            </Select.Viewport>
          </Select.Content>
        </Select.Portal>
      )}
    </Select.Root>
  )
}
