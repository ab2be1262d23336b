import { ToggleGroup } from 'radix-ui'
import { useId } from 'react'
import type { MarkState } from './StateMark.tsx'
import { StateMark } from './StateMark.tsx'

interface ChoiceOption {
  readonly id: string
  readonly label: string
  readonly mark?: MarkState | undefined
  /** The mark is the option's own, and stands chosen or not. */
  readonly isMarked?: boolean
}

interface Props {
  readonly legend: string
  readonly options: readonly ChoiceOption[]
  readonly value: string | undefined
  readonly onChoose: (id: string) => void
  readonly disabled?: boolean
  readonly hideLegend?: boolean
  readonly describedBy?: string | undefined
  /** The fact that is entered here, for whoever is led to it. */
  readonly need?: string | undefined
}

/** What is pressed a second time comes as an empty value; an option of ours may be empty too. */
const keyOf = (id: string): string => `=${id}`

/**
 * A few options side by side, one of them chosen. The arrow keys go from one to
 * the next without choosing it: an option that is only passed over is no entry.
 */
export function Choices({
  legend,
  options,
  value,
  onChoose,
  disabled = false,
  hideLegend = false,
  describedBy,
  need,
}: Props) {
  const id = useId()
  return (
    <div className="min-w-0" data-need={need}>
      <p id={id} className={hideLegend ? 'sr-only' : 'mb-1 text-sm font-semibold text-ink-soft'}>
        {legend}
      </p>
      <ToggleGroup.Root
        type="single"
        role="radiogroup"
        aria-labelledby={id}
        aria-describedby={describedBy}
        disabled={disabled}
        value={value === undefined ? '' : keyOf(value)}
        // Pressed again, an option stays chosen: nothing is taken away by a second tap.
        onValueChange={(key) => key !== '' && onChoose(key.slice(1))}
        className="flex flex-wrap gap-1.5"
      >
        {options.map((option) => {
          const isChosen = option.id === value
          return (
            <ToggleGroup.Item
              key={option.id}
              value={keyOf(option.id)}
              className={`inline-flex min-h-11 items-center gap-2 rounded-[3px] border px-3 text-left text-[0.95rem] leading-tight focus-visible:outline-3 focus-visible:outline-offset-2 focus-visible:outline-magenta disabled:opacity-70 ${
                isChosen ? 'border-ink bg-shoal-deep font-bold' : 'border-line bg-sheet hover:bg-shoal'
              }`}
            >
              {(isChosen || option.isMarked === true) && option.mark !== undefined && (
                <StateMark state={option.mark} size={14} />
              )}
              {option.label}
            </ToggleGroup.Item>
          )
        })}
      </ToggleGroup.Root>
    </div>
  )
}
