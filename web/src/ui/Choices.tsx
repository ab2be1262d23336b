import { useId } from 'react'
import type { MarkState } from './StateMark.tsx'
import { StateMark } from './StateMark.tsx'

export interface ChoiceOption {
  readonly id: string
  readonly label: string
  readonly mark?: MarkState | undefined
}

interface Props {
  readonly legend: string
  readonly options: readonly ChoiceOption[]
  readonly value: string | undefined
  readonly onChoose: (id: string) => void
  readonly disabled?: boolean
  readonly hideLegend?: boolean
  readonly describedBy?: string | undefined
}

/** A few options side by side, one of them chosen; radio buttons underneath, so the arrow keys work. */
export function Choices({
  legend,
  options,
  value,
  onChoose,
  disabled = false,
  hideLegend = false,
  describedBy,
}: Props) {
  const name = useId()
  return (
    <fieldset disabled={disabled} className="min-w-0" aria-describedby={describedBy}>
      <legend className={hideLegend ? 'sr-only' : 'mb-1 text-sm font-semibold text-ink-soft'}>{legend}</legend>
      <div className="flex flex-wrap gap-1.5">
        {options.map((option) => {
          const isChosen = option.id === value
          return (
            <label
              key={option.id}
              className={`inline-flex min-h-11 items-center gap-2 rounded-[3px] border px-3 text-[0.95rem] leading-tight has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-magenta ${
                isChosen ? 'border-ink bg-shoal-deep font-bold' : 'border-line bg-sheet hover:bg-shoal'
              } ${disabled ? 'opacity-70' : ''}`}
            >
              <input
                type="radio"
                className="sr-only"
                name={name}
                checked={isChosen}
                onChange={() => onChoose(option.id)}
              />
              {isChosen && option.mark !== undefined && <StateMark state={option.mark} size={14} />}
              {option.label}
            </label>
          )
        })}
      </div>
    </fieldset>
  )
}
