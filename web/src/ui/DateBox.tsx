import { CalendarDays } from 'lucide-react'
import { Popover } from 'radix-ui'
import { lazy, Suspense, useState } from 'react'
import { Button } from './Button.tsx'
import { dayPattern, parseDay } from './days.ts'
import { TextInput } from './TextInput.tsx'
import * as msg from './messages.en.ts'

/** Only whoever opens it needs it. */
const Calendar = lazy(() => import('./Calendar.tsx'))

interface Props {
  readonly id: string
  readonly label: string
  /** As typed. */
  readonly text: string
  readonly min?: string | undefined
  readonly max?: string | undefined
  readonly disabled?: boolean | undefined
  readonly isFaulty?: boolean | undefined
  readonly describedBy?: string | undefined
  readonly onText: (text: string) => void
  /** A day was picked: it is meant as it stands. */
  readonly onPick: (iso: string) => void
  readonly onLeave?: (() => void) | undefined
}

/** A day, typed in the reader's own order or picked from a month. */
export function DateBox({
  id,
  label,
  text,
  min,
  max,
  disabled,
  isFaulty,
  describedBy,
  onText,
  onPick,
  onLeave,
}: Props) {
  const [isOpen, setOpen] = useState(false)
  return (
    <span className="flex items-center gap-1">
      <TextInput
        id={id}
        inputMode="numeric"
        placeholder={dayPattern()}
        className="w-full max-w-36"
        disabled={disabled}
        aria-invalid={isFaulty}
        aria-describedby={describedBy}
        value={text}
        onChange={(e) => onText(e.target.value)}
        onBlur={onLeave}
        onKeyDown={(e) => e.key === 'Enter' && onLeave?.()}
      />
      <Popover.Root open={isOpen} onOpenChange={setOpen}>
        <Popover.Trigger asChild>
          <Button
            look="bare"
            aria-label={msg.pickFromACalendar}
            aria-describedby={id}
            disabled={disabled}
            className="grid size-11 shrink-0 place-items-center rounded-[3px] border border-line hover:bg-shoal disabled:opacity-70"
          >
            <CalendarDays size={20} aria-hidden="true" />
          </Button>
        </Popover.Trigger>
        <Popover.Portal>
          <Popover.Content
            sideOffset={4}
            collisionPadding={8}
            aria-label={label}
            className="z-60 rounded-[3px] border-2 border-ink bg-sheet p-2 text-ink"
          >
            <Suspense fallback={<p className="grid h-84 w-70 place-items-center text-ink-soft">{msg.opening}</p>}>
              <Calendar
                value={parseDay(text) ?? ''}
                min={min}
                max={max}
                onPick={(iso) => {
                  setOpen(false)
                  onPick(iso)
                }}
              />
            </Suspense>
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
    </span>
  )
}
