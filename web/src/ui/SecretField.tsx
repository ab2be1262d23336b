import { useId } from 'react'
import { SecretInput } from './TextInput.tsx'

interface Props {
  readonly label: string
  readonly value: string
  readonly onChange: (text: string) => void
  /** What a keeper of passwords takes it for. */
  readonly autoComplete: 'current-password' | 'new-password' | 'off'
  readonly fault?: string | undefined
  /** Figures only: under a finger a pad of them comes up. */
  readonly isPin?: boolean
  readonly hint?: string
}

/** A password or a PIN, with its fault under it. */
export function SecretField({ label, value, onChange, autoComplete, fault, hint, isPin = false }: Props) {
  const id = useId()
  const said = fault ?? hint
  return (
    <div className="flex min-w-0 flex-col gap-1">
      <label htmlFor={id} className="text-sm font-semibold text-ink-soft">
        {label}
      </label>
      <SecretInput
        id={id}
        value={value}
        maxLength={isPin ? 8 : 200}
        inputMode={isPin ? 'numeric' : undefined}
        autoComplete={autoComplete}
        aria-invalid={fault !== undefined}
        aria-describedby={said === undefined ? undefined : `${id}-said`}
        onChange={(e) => onChange(isPin ? e.target.value.replace(/\D/g, '') : e.target.value)}
      />
      {said !== undefined && (
        <p
          id={`${id}-said`}
          role={fault === undefined ? undefined : 'alert'}
          className={`text-sm ${fault === undefined ? 'text-ink-soft' : 'font-semibold text-fail'}`}
        >
          {said}
        </p>
      )}
    </div>
  )
}
