import { useId } from 'react'
import { Choices } from './Choices.tsx'
import { SelectBox, type SelectOption } from './SelectBox.tsx'
import { useMedia } from './useMedia.ts'

interface Props {
  readonly label: string
  readonly value: string
  readonly options: readonly SelectOption[]
  readonly onChange: (id: string) => void
  readonly disabled?: boolean
  /** Shown while nothing is chosen. */
  readonly placeholder?: string
  /** The options say what it is; the label is still spoken. */
  readonly hidesLabel?: boolean
  /** The fact that is entered here, for whoever is led to it. */
  readonly need?: string | undefined
  readonly className?: string
}

/** So many are seen at one look: under a finger they lie side by side, and no list opens. */
const MOST_TILES = 6

/** Whether so many lie side by side as tiles: then nothing is opened or stepped. */
export const useTiles = (count: number): boolean => useMedia('(pointer: coarse)') && count <= MOST_TILES

/** One of several, with its label: a list that opens, or tiles where a finger chooses. */
export function SelectField({
  label,
  value,
  options,
  onChange,
  disabled = false,
  placeholder,
  hidesLabel = false,
  className = '',
  need,
}: Props) {
  const id = useId()
  const isTiles = useTiles(options.length)
  if (isTiles)
    return (
      <div className={className}>
        <Choices
          legend={label}
          hideLegend={hidesLabel}
          options={options}
          value={value}
          onChoose={onChange}
          disabled={disabled}
          need={need}
        />
      </div>
    )
  return (
    <div className={`flex min-w-0 flex-col gap-1 ${className}`} data-need={need}>
      <span id={`${id}-label`} className={hidesLabel ? 'sr-only' : 'text-sm font-semibold text-ink-soft'}>
        {label}
      </span>
      <SelectBox
        labelledBy={`${id}-label`}
        placeholder={placeholder}
        value={value}
        options={options}
        onChange={onChange}
        disabled={disabled}
      />
    </div>
  )
}
