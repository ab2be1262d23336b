import { Check, ChevronDown } from 'lucide-react'
import { Select } from 'radix-ui'
import { useId } from 'react'

interface Option {
  readonly id: string
  readonly label: string
}

interface Props {
  readonly label: string
  readonly value: string
  readonly options: readonly Option[]
  readonly onChange: (id: string) => void
  readonly disabled?: boolean
  /** The options say what it is; the label is still spoken. */
  readonly hidesLabel?: boolean
  readonly className?: string
}

/** The list takes no empty value; ours may be empty: "not recorded". */
const keyOf = (id: string): string => `=${id}`

/** One of several, from a list that opens. Passing over an option chooses nothing; it counts when it is taken. */
export function SelectField({
  label,
  value,
  options,
  onChange,
  disabled = false,
  hidesLabel = false,
  className = '',
}: Props) {
  const id = useId()
  const chosen = options.find((o) => o.id === value)
  return (
    <div className={`flex min-w-0 flex-col gap-1 ${className}`}>
      <span id={`${id}-label`} className={hidesLabel ? 'sr-only' : 'text-sm font-semibold text-ink-soft'}>
        {label}
      </span>
      <Select.Root
        value={chosen ? keyOf(value) : ''}
        onValueChange={(key) => onChange(key.slice(1))}
        disabled={disabled}
      >
        <Select.Trigger
          aria-labelledby={`${id}-label`}
          onKeyDown={(e) => {
            // Closed, the list would take the first option that begins with the key: an entry nobody meant.
            if (e.key.length === 1 && e.key !== ' ') e.preventDefault()
          }}
          className="inline-flex min-h-11 w-full min-w-0 items-center justify-between gap-2 rounded-[3px] border border-line bg-sheet px-2 text-left text-ink focus-visible:outline-3 focus-visible:outline-offset-2 focus-visible:outline-magenta disabled:opacity-70"
        >
          <span className="min-w-0 truncate">{chosen?.label ?? ''}</span>
          <ChevronDown size={18} aria-hidden="true" className="shrink-0" />
        </Select.Trigger>
        <Select.Portal>
          <Select.Content
            position="popper"
            sideOffset={2}
            className="z-60 max-h-[min(24rem,var(--radix-select-content-available-height))] min-w-(--radix-select-trigger-width) overflow-hidden rounded-[3px] border-2 border-ink bg-sheet text-ink"
          >
            <Select.Viewport>
              {options.map((o) => (
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
      </Select.Root>
    </div>
  )
}
