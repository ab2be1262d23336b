import { unitFor } from '@nimble-anchor/core/quantities'
import { useId, type InputHTMLAttributes } from 'react'
import { TextInput } from './TextInput.tsx'

interface Props extends Omit<InputHTMLAttributes<HTMLInputElement>, 'onChange' | 'type'> {
  readonly label: string
  readonly fault?: string | undefined
  readonly unit?: string
  readonly onChange: (text: string) => void
}

/** One line of text or one number, with its fault under it. */
export function TextField({ label, fault, unit, onChange, className = '', ...rest }: Props) {
  const id = useId()
  return (
    <div className={`flex min-w-0 flex-col gap-1 ${className}`}>
      <label htmlFor={id} className="text-sm font-semibold text-ink-soft">
        {label}
      </label>
      <span className="flex items-center gap-1.5">
        <TextInput
          id={id}
          aria-invalid={fault !== undefined}
          aria-describedby={fault === undefined ? undefined : `${id}-fault`}
          onChange={(e) => onChange(e.target.value)}
          {...rest}
        />
        {unit !== undefined && <span className="text-sm text-ink-soft">{unitFor('', unit)}</span>}
      </span>
      {fault !== undefined && (
        <p id={`${id}-fault`} role="alert" className="text-sm font-semibold text-fail">
          {fault}
        </p>
      )}
    </div>
  )
}
