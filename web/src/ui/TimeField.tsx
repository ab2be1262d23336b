import { useState } from 'react'
import { parseTime } from './days.ts'
import { TextField } from './TextField.tsx'
import * as msg from './messages.en.ts'

interface Props {
  readonly label: string
  /** hh:mm, or empty. */
  readonly value: string
  readonly fault?: string | undefined
  /** What is typed and no time goes out as it is, to be refused. */
  readonly onChange: (time: string) => void
}

/** A time of the day: "9", "930" and "9:30" are all read, and shown as they were understood. */
export function TimeField({ label, value, fault, onChange }: Props) {
  const [typed, setTyped] = useState<string>()
  const [isLeft, setLeft] = useState(false)
  const text = typed ?? value
  return (
    <TextField
      label={label}
      inputMode="numeric"
      placeholder={msg.TIME_PATTERN}
      value={text}
      fault={isLeft && parseTime(text) === undefined ? msg.mustBeATimeAs : fault}
      onChange={(next) => {
        setLeft(false)
        setTyped(next)
        onChange(parseTime(next) ?? next.trim())
      }}
      onBlur={() => {
        setLeft(true)
        if (parseTime(text) !== undefined) setTyped(undefined)
      }}
    />
  )
}
