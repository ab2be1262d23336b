import { useId, useState } from 'react'
import { DateBox } from './DateBox.tsx'
import { dayPattern, dayText, parseDay } from './days.ts'
import * as msg from './messages.en.ts'

interface Props {
  readonly label: string
  /** YYYY-MM-DD, or empty. */
  readonly value: string
  readonly min?: string
  readonly max?: string
  readonly disabled?: boolean
  readonly fault?: string | undefined
  /** What is typed and no day goes out as it is: whoever keeps it refuses it, and it is never taken for no day at all. */
  readonly onChange: (iso: string) => void
}

/** A day with its label; what is no day yet stays as typed, and says so when the field is left. */
export function DateField({ label, value, min, max, disabled, fault, onChange }: Props) {
  const id = useId()
  const [typed, setTyped] = useState<string>()
  const [isLeft, setLeft] = useState(false)
  const text = typed ?? (value === '' ? '' : dayText(value))
  const isUnread = text.trim() !== '' && parseDay(text) === undefined
  // No red while it is still being typed.
  const said = isUnread ? (isLeft ? msg.mustBeADayAs(dayPattern()) : undefined) : fault
  return (
    <div className="flex min-w-0 flex-col gap-1">
      <label htmlFor={id} className="text-sm font-semibold text-ink-soft">
        {label}
      </label>
      <DateBox
        id={id}
        label={label}
        text={text}
        min={min}
        max={max}
        disabled={disabled}
        isFaulty={said !== undefined}
        describedBy={said === undefined ? undefined : `${id}-fault`}
        onText={(next) => {
          setLeft(false)
          setTyped(next)
          onChange(parseDay(next) ?? next.trim())
        }}
        onPick={(iso) => {
          setTyped(undefined)
          onChange(iso)
        }}
        onLeave={() => {
          setLeft(true)
          // Read, it is shown as it was understood.
          if (parseDay(text) !== undefined || text.trim() === '') setTyped(undefined)
        }}
      />
      {said !== undefined && (
        <p id={`${id}-fault`} role="alert" className="text-sm font-semibold text-fail">
          {said}
        </p>
      )}
    </div>
  )
}
