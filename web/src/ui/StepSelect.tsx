import { Minus, Plus } from 'lucide-react'
import { Button } from './Button.tsx'
import { SelectField, useTiles } from './SelectField.tsx'
import type { SelectOption } from './SelectBox.tsx'

interface Props {
  readonly label: string
  /** Empty while nothing is recorded. */
  readonly value: string
  /** In their order, the lowest first. */
  readonly steps: readonly SelectOption[]
  /** What stands for nothing recorded, above the steps. */
  readonly none: SelectOption
  /** Where a first press goes while nothing is recorded: what was worked out. */
  readonly first?: string | undefined
  /** What one step is called: "One notch less". */
  readonly less: string
  readonly more: string
  readonly onChange: (id: string) => void
  readonly disabled?: boolean
}

/** One of several in an order: stepped up and down with a thumb, or picked from the list between. */
export function StepSelect({ label, value, steps, none, first, less, more, onChange, disabled = false }: Props) {
  const at = steps.findIndex((s) => s.id === value)
  const next = (by: 1 | -1): string | undefined =>
    at >= 0 ? steps[at + by]?.id : (steps.find((s) => s.id === first) ?? steps[0])?.id
  const button = (by: 1 | -1) => {
    const to = next(by)
    return (
      <Button
        className="w-11 shrink-0 px-0"
        aria-label={by < 0 ? less : more}
        disabled={disabled || to === undefined}
        onClick={() => to !== undefined && onChange(to)}
      >
        {by < 0 ? <Minus size={18} aria-hidden="true" /> : <Plus size={18} aria-hidden="true" />}
      </Button>
    )
  }
  const options = [none, ...steps]
  const isTiles = useTiles(options.length)
  return (
    <div className="flex items-center gap-1">
      {!isTiles && button(-1)}
      <SelectField
        label={label}
        hidesLabel
        disabled={disabled}
        value={value}
        options={options}
        onChange={onChange}
        className="min-w-0 flex-1"
      />
      {!isTiles && button(1)}
    </div>
  )
}
