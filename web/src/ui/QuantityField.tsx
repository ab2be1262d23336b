import type { Fault, Quantity, QuantitySource } from '@nimble-anchor/core'
import { useId, useState } from 'react'

export const SOURCE_TEXT: Record<QuantitySource, string> = {
  measured: 'measured',
  instrument: 'instrument',
  told: 'told',
  estimated: 'estimated',
}

interface Props {
  readonly label: string
  readonly unit: string
  readonly quantity: Quantity | undefined
  readonly defaultPlusMinus: number
  /** Shown unit per stored unit: 0.1 shows millimetres as centimetres. */
  readonly scale?: number
  readonly withSource?: boolean
  readonly disabled?: boolean
  /** The label is said by what stands above the field; it is still spoken. */
  readonly hidesLabel?: boolean
  readonly hint?: string
  /** Keeps the value, or says what is wrong with it. */
  readonly onChange: (quantity: Quantity | null) => readonly Fault[]
  readonly onFocus?: () => void
}

interface Draft {
  readonly base: string
  readonly value?: string
  readonly spread?: string
  readonly fault?: string
}

const tidy = (x: number): number => Math.round(x * 1e6) / 1e6
const show = (x: number | undefined, scale: number): string => (x === undefined ? '' : String(tidy(x * scale)))
const read = (text: string): number => (text.trim() === '' ? Number.NaN : Number(text.trim().replace(',', '.')))

/** "$.child.massKg.value must be at most 80 kg" becomes "Mass must be at most 80 kg", in the unit shown. */
function faultText(label: string, faults: readonly Fault[], scale: number, unit: string): string {
  const fault = faults[0]
  if (!fault) return ''
  const limit =
    scale === 1 ? fault.message : fault.message.replace(/([\d.]+) mm\b/, (_, n) => `${tidy(Number(n) * scale)} ${unit}`)
  return `${fault.path.endsWith('plusMinus') ? `${label} ±` : label} ${limit}`
}

/** A measured value with its ± and where it came from; kept when the field is left or Enter is pressed. */
export function QuantityField(props: Props) {
  const { label, unit, quantity, defaultPlusMinus, scale = 1, withSource = false, disabled = false, hint } = props
  const id = useId()
  const isInterval = quantity?.from !== undefined && quantity.to !== undefined
  const middle = isInterval ? tidy(((quantity.from ?? 0) + (quantity.to ?? 0)) / 2) : quantity?.value
  const half = isInterval ? tidy(((quantity.to ?? 0) - (quantity.from ?? 0)) / 2) : quantity?.plusMinus
  const kept = show(middle, scale)
  const keptSpread = show(half ?? (middle === undefined ? undefined : 0), scale)
  // What is typed stands until the kept value changes under it, from here or from another device.
  const base = `${kept} ± ${keptSpread}`
  const [draft, setDraft] = useState<Draft>({ base })
  const typed = draft.base === base ? draft : { base }
  const value = typed.value ?? kept
  const spread = typed.spread ?? keptSpread
  const fault = typed.fault ?? ''
  const change = (part: Partial<Draft>): void => setDraft({ ...typed, ...part })
  const setFault = (text: string): void => change({ fault: text })

  function keep(nextSource?: QuantitySource): void {
    if (value.trim() === '') {
      setFault('')
      if (quantity !== undefined) setFault(faultText(label, props.onChange(null), scale, unit))
      return
    }
    const number = read(value)
    const plusMinus = spread.trim() === '' ? tidy(defaultPlusMinus * scale) : read(spread)
    if (!Number.isFinite(number)) return setFault(`${label} must be a number of ${unit}, such as 10.4`)
    if (!Number.isFinite(plusMinus)) return setFault(`${label} ± must be a number of ${unit}, such as 0.5`)
    const source = nextSource ?? quantity?.source ?? 'measured'
    const next: Quantity = { value: tidy(number / scale), plusMinus: tidy(plusMinus / scale), source }
    const isSame = next.value === middle && next.plusMinus === (half ?? 0) && source === quantity?.source
    if (isSame) return setDraft({ base })
    setFault(faultText(label, props.onChange(next), scale, unit))
  }

  const describedBy = [fault && `${id}-fault`, hint && `${id}-hint`].filter(Boolean).join(' ') || undefined
  const box =
    'min-h-11 rounded-[3px] border bg-sheet px-2 text-right text-[1.05rem] font-semibold text-ink disabled:opacity-70'
  return (
    <div className="min-w-0">
      <div className="flex flex-wrap items-end gap-x-2 gap-y-1">
        <div className="flex flex-col gap-1">
          <label htmlFor={id} className={props.hidesLabel ? 'sr-only' : 'text-sm font-semibold text-ink-soft'}>
            {label}
          </label>
          <span className="flex items-center gap-1.5">
            <input
              id={id}
              inputMode="decimal"
              autoComplete="off"
              value={value}
              disabled={disabled}
              aria-invalid={fault !== ''}
              aria-describedby={describedBy}
              onFocus={props.onFocus}
              onChange={(e) => change({ value: e.target.value })}
              onBlur={() => keep()}
              onKeyDown={(e) => {
                if (e.key === 'Enter') keep()
              }}
              className={`${box} w-22 ${fault ? 'border-fail' : 'border-line'}`}
            />
            <span aria-hidden="true">±</span>
            <input
              aria-label={`${label}, plus or minus`}
              inputMode="decimal"
              autoComplete="off"
              value={spread}
              placeholder={String(tidy(defaultPlusMinus * scale))}
              disabled={disabled}
              onFocus={props.onFocus}
              onChange={(e) => change({ spread: e.target.value })}
              onBlur={() => {
                if (value.trim() !== '') keep()
              }}
              onKeyDown={(e) => {
                if (e.key === 'Enter') keep()
              }}
              className={`${box} w-15 border-line`}
            />
            <span className="text-ink-soft">{unit}</span>
          </span>
        </div>
        {withSource && quantity !== undefined && (
          <select
            aria-label={`${label}, source`}
            value={quantity.source}
            disabled={disabled}
            onChange={(e) => keep(e.target.value as QuantitySource)}
            className="min-h-11 rounded-[3px] border border-line bg-sheet px-1.5 text-sm text-ink"
          >
            {Object.entries(SOURCE_TEXT).map(([source, text]) => (
              <option key={source} value={source}>
                {text}
              </option>
            ))}
          </select>
        )}
      </div>
      {hint !== undefined && (
        <p id={`${id}-hint`} className="mt-1 text-sm text-ink-soft">
          {hint}
        </p>
      )}
      <p id={`${id}-fault`} role="alert" className="text-sm font-semibold text-fail">
        {fault}
      </p>
    </div>
  )
}
