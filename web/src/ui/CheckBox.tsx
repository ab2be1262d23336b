import { Check } from 'lucide-react'
import { Checkbox } from 'radix-ui'
import type { ReactNode } from 'react'

interface Props {
  readonly checked: boolean
  readonly onChange: (isChecked: boolean) => void
  readonly children?: ReactNode
  readonly disabled?: boolean | undefined
  /** Where the words beside it do not say enough. */
  readonly label?: string
  readonly className?: string
}

/** A box to tick, with its words beside it: both are pressed. */
export function CheckBox({ checked, onChange, children, disabled, label, className = '' }: Props) {
  return (
    <label className={`flex min-h-11 items-center gap-2 ${disabled ? 'text-ink-soft' : 'cursor-pointer'} ${className}`}>
      <Checkbox.Root
        checked={checked}
        onCheckedChange={(is) => onChange(is === true)}
        disabled={disabled}
        aria-label={label}
        className="grid size-6 shrink-0 place-items-center rounded-[2px] border border-ink bg-sheet text-ink focus-visible:outline-3 focus-visible:outline-offset-2 focus-visible:outline-magenta disabled:border-hair disabled:opacity-70 data-[state=checked]:bg-shoal-deep"
      >
        <Checkbox.Indicator>
          <Check size={18} strokeWidth={3} aria-hidden="true" />
        </Checkbox.Indicator>
      </Checkbox.Root>
      {children}
    </label>
  )
}
