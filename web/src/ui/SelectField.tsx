import { useId } from 'react'

interface Props {
  readonly label: string
  readonly value: string
  readonly options: readonly { readonly id: string; readonly label: string }[]
  readonly onChange: (id: string) => void
  readonly disabled?: boolean
  /** The options say what it is; the label is still spoken. */
  readonly hidesLabel?: boolean
}

export function SelectField({ label, value, options, onChange, disabled = false, hidesLabel = false }: Props) {
  const id = useId()
  return (
    <div className="flex min-w-0 flex-col gap-1">
      <label htmlFor={id} className={hidesLabel ? 'sr-only' : 'text-sm font-semibold text-ink-soft'}>
        {label}
      </label>
      <select
        id={id}
        value={value}
        disabled={disabled}
        onChange={(e) => onChange(e.target.value)}
        className="min-h-11 w-full min-w-0 rounded-[3px] border border-line bg-sheet px-2 text-ink"
      >
        {options.map((o) => (
          <option key={o.id} value={o.id}>
            {o.label}
          </option>
        ))}
      </select>
    </div>
  )
}
