import { unitFor } from '@nimble-anchor/core/quantities'
import type { Fault } from '@nimble-anchor/core/ground'
import type { Quantity, QuantitySource } from '@nimble-anchor/core/quantities'
import { useEffect, useId, useRef, useState } from 'react'
import { useTyped } from '../session/drafts.ts'
import { Fold } from './Fold.tsx'
import { SelectField } from './SelectField.tsx'
import { useMedia } from './useMedia.ts'
import * as msg from './messages.en.ts'

const SOURCE_TEXT: Record<QuantitySource, string> = {
  measured: 'measured',
  instrument: 'instrument',
  told: 'told',
  estimated: 'estimated',
}

const SOURCES = Object.entries(SOURCE_TEXT).map(([id, label]) => ({ id, label }))

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
  /** Which field of the open fitting it is: what is typed and not entered yet is kept under this name. */
  readonly draftKey: string
  /** The fact that is entered here, where its draft is named otherwise. */
  readonly need?: string
  /** Keeps the value, or says what is wrong with it. */
  readonly onChange: (quantity: Quantity | null) => readonly Fault[]
  readonly onFocus?: () => void
}

/** What is typed and not entered yet, of the value and of its ±. */
interface Draft {
  readonly value?: string
  readonly spread?: string
}
const draftIn = (text: string | undefined): Draft => (text === undefined ? {} : (JSON.parse(text) as Draft))

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
  const isFinger = useMedia('(pointer: coarse)')
  const isInterval = quantity?.from !== undefined && quantity.to !== undefined
  const middle = isInterval ? tidy(((quantity.from ?? 0) + (quantity.to ?? 0)) / 2) : quantity?.value
  const half = isInterval ? tidy(((quantity.to ?? 0) - (quantity.from ?? 0)) / 2) : quantity?.plusMinus
  const kept = show(middle, scale)
  const keptSpread = show(half ?? (middle === undefined ? undefined : 0), scale)
  const typed = useTyped(props.draftKey, (text) => keep(draftIn(text)))
  const draft = draftIn(typed.text)
  const value = draft.value ?? kept
  const spread = draft.spread ?? keptSpread
  // Leaving one box fills the other in, perhaps while the finger is in it already: what is typed next replaces
  // what came, it is not written behind it.
  const boxes = useRef<HTMLSpanElement>(null)
  const isUntouched = typed.text === undefined
  useEffect(() => {
    const { activeElement: here } = document
    if (isUntouched && here instanceof HTMLInputElement && boxes.current?.contains(here)) here.select()
  }, [value, spread, isUntouched])
  // A fault is said of what was typed; where something else is kept by now, it is said no more.
  const base = `${kept} ± ${keptSpread}`
  const [said, setSaid] = useState({ base, fault: '' })
  const fault = said.base === base ? said.fault : ''
  const change = (part: Draft): void => typed.type(JSON.stringify({ ...draft, ...part }))
  const refuse = (text: string): boolean => {
    setSaid({ base, fault: text })
    return text === ''
  }
  const settle = (faults: readonly Fault[]): boolean => refuse(faultText(label, faults, scale, unit))

  function keep(now: Draft, nextSource?: QuantitySource): boolean {
    const text = now.value ?? kept
    const spreadText = now.spread ?? keptSpread
    if (text.trim() === '') return settle(quantity === undefined ? [] : props.onChange(null))
    const number = read(text)
    const plusMinus = spreadText.trim() === '' ? tidy(defaultPlusMinus * scale) : read(spreadText)
    if (!Number.isFinite(number)) return refuse(msg.mustBeANumberOf(label, unit))
    if (!Number.isFinite(plusMinus)) return refuse(msg.mustBeANumberOfSuch(label, unit))
    const source = nextSource ?? quantity?.source ?? 'measured'
    const next: Quantity = { value: tidy(number / scale), plusMinus: tidy(plusMinus / scale), source }
    const isSame = next.value === middle && next.plusMinus === (half ?? 0) && source === quantity?.source
    return settle(isSame ? [] : props.onChange(next))
  }

  const source = quantity && (
    <SelectField
      label={msg.source(label)}
      hidesLabel
      value={quantity.source}
      disabled={disabled}
      options={SOURCES}
      onChange={(next) => {
        if (keep(draft, next as QuantitySource)) typed.clear()
      }}
      className={isFinger ? 'text-sm' : 'w-28 text-sm'}
    />
  )
  const describedBy = [fault && `${id}-fault`, hint && `${id}-hint`].filter(Boolean).join(' ') || undefined
  const box =
    'min-h-11 rounded-[3px] border bg-sheet px-2 text-right text-[1.05rem] font-semibold text-ink disabled:opacity-70'
  return (
    <div className="min-w-0" data-need={props.need ?? props.draftKey}>
      <div className="flex flex-wrap items-end gap-x-2 gap-y-1">
        <div className="flex flex-col gap-1">
          <label htmlFor={id} className={props.hidesLabel ? 'sr-only' : 'text-sm font-semibold text-ink-soft'}>
            {label}
          </label>
          <span ref={boxes} className="flex items-center gap-1.5">
            <input
              type="text"
              id={id}
              inputMode="decimal"
              autoComplete="off"
              value={value}
              disabled={disabled}
              aria-invalid={fault !== ''}
              aria-describedby={describedBy}
              onFocus={props.onFocus}
              onChange={(e) => change({ value: e.target.value })}
              onBlur={typed.leave}
              onKeyDown={(e) => {
                if (e.key === 'Enter') typed.enter()
              }}
              className={`${box} w-22 ${fault ? 'border-fail' : 'border-line'}`}
            />
            <span aria-hidden="true">±</span>
            <input
              type="text"
              aria-label={msg.plusOrMinus(label)}
              inputMode="decimal"
              autoComplete="off"
              value={spread}
              placeholder={String(tidy(defaultPlusMinus * scale))}
              disabled={disabled}
              onFocus={props.onFocus}
              onChange={(e) => change({ spread: e.target.value })}
              onBlur={() => {
                if (value.trim() !== '') typed.leave()
              }}
              onKeyDown={(e) => {
                if (e.key === 'Enter') typed.enter()
              }}
              className={`${box} w-15 border-line`}
            />
            <span className="text-ink-soft">{unitFor('', unit)}</span>
          </span>
        </div>
        {withSource && quantity !== undefined && !isFinger && source}
      </div>
      {withSource && quantity !== undefined && isFinger && (
        // Tiles for all of them would stand between one measure and the next: they open from what is said.
        <Fold className="text-sm" summary={SOURCE_TEXT[quantity.source]}>
          {source}
        </Fold>
      )}
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
