import { useState } from 'react'
import { TextField } from '../ui/TextField.tsx'
import * as msg from './messages.en.ts'

interface Props {
  readonly label: string
  readonly unit: string
  readonly hint: string
  readonly from: number
  readonly to: number
  readonly isWhole?: boolean
  readonly value: number | undefined
  readonly onKeep: (value: number | undefined) => void
}

/** A figure that may be left empty; kept when the field is left. */
export function NumberAsked({ label, unit, hint, from, to, isWhole = false, value, onKeep }: Props) {
  const [text, setText] = useState(value === undefined ? '' : String(value))
  const typed = text.trim() === '' ? undefined : Number(text.trim().replace(',', '.'))
  const isWrong = typed !== undefined && !(typed >= from && typed <= to && (!isWhole || Number.isInteger(typed)))
  const keep = (): void => {
    if (!isWrong && typed !== value) onKeep(typed)
  }
  return (
    <div>
      <TextField
        label={label}
        unit={unit}
        inputMode={isWhole ? 'numeric' : 'decimal'}
        value={text}
        onChange={setText}
        onBlur={keep}
        onKeyDown={(e) => e.key === 'Enter' && keep()}
        fault={isWrong ? msg.mustBeFromTo(label, isWhole, from, to, unit) : undefined}
      />
      <p className="text-sm text-ink-soft">{hint}</p>
    </div>
  )
}
