import { Delete } from 'lucide-react'
import { formatNumber } from '@nimble-anchor/core/quantities'
import { useState, type KeyboardEvent } from 'react'
import { useDraft } from '../../session/drafts.ts'
import { Button } from '../../ui/Button.tsx'
import * as msg from './messages.en.ts'

interface Props {
  /** Under which name the figures are kept until they are entered. */
  readonly draftKey: string
  readonly label: string
  readonly unit: string
  readonly allowsMinus: boolean
  /** What is entered already. */
  readonly value?: number | undefined
  /** How close such a figure is read as a rule, to either side. */
  readonly plusMinus: number
  /** Keeps the number with how close it was read, or says what is wrong with it. */
  readonly onKeep: (value: number, plusMinus: number) => string
}

/** Closer than usual, as usual, and by a rough eye. */
const closenessOf = (usual: number): readonly number[] => [usual / 2, usual, usual * 2]

const ROWS = [
  ['1', '2', '3'],
  ['4', '5', '6'],
  ['7', '8', '9'],
] as const

/** Figures by one thumb, in gloves: large keys, nothing to hit twice. */
export function ThumbPad({ draftKey, label, unit, allowsMinus, value: entered, plusMinus, onKeep }: Props) {
  const [typed, setText] = useDraft(draftKey)
  const text = typed ?? ''
  const [fault, setFault] = useState('')
  const [close, setClose] = useState(plusMinus)
  const closeness = closenessOf(plusMinus)
  const closer = closeness[(closeness.indexOf(close) + 1) % closeness.length] ?? plusMinus
  const press = (key: string): void => {
    setFault('')
    setText(key === '.' && text.includes('.') ? text : (text + key).slice(0, 7))
  }
  const takeLast = (): void => setText(text.slice(0, -1))
  const turnOver = (): void => setText(text.startsWith('-') ? text.slice(1) : `-${text}`)
  const type = (e: KeyboardEvent): void => {
    if (e.ctrlKey || e.metaKey || e.altKey) return
    if (/^\d$/.test(e.key)) press(e.key)
    else if (e.key === '.' || e.key === ',') press('.')
    else if (e.key === 'Backspace') takeLast()
    else if (e.key === '-' && allowsMinus) turnOver()
    else return
    // A figure of the pad is no number key of the page.
    e.preventDefault()
    e.stopPropagation()
  }
  const keep = (): void => {
    const value = Number(text)
    if (text === '' || text === '−' || !Number.isFinite(value)) return setFault(msg.mustBeANumberOf(label, unit))
    const said = onKeep(value, close)
    setFault(said)
    if (said === '') setText('')
  }
  const key = 'min-h-13 rounded-[3px] border border-line bg-sheet text-2xl font-bold hover:bg-shoal'
  const figure = (k: string) => (
    <Button look="bare" key={k} className={key} aria-label={k === '.' ? msg.point : k} onClick={() => press(k)}>
      {k}
    </Button>
  )
  return (
    // A keyboard that is there types into it too, whichever of its keys has the focus.
    <div role="group" aria-label={msg.figures(label)} data-pad="" className="max-w-xs" onKeyDown={type}>
      <div className="mb-1 flex gap-1.5">
        <Button
          look="bare"
          aria-label={msg.readToInstead(formatNumber(close), unit, formatNumber(closer))}
          className="min-h-11 min-w-16 rounded-[3px] border border-line bg-sheet px-2 font-semibold hover:bg-shoal"
          onClick={() => setClose(closer)}
        >
          ± {formatNumber(close)}
        </Button>
        <p
          className="min-h-11 flex-1 rounded-[3px] border border-line bg-paper px-3 py-1.5 text-right text-2xl font-bold"
          aria-live="polite"
        >
          {text !== '' ? (
            text.replace('-', '−')
          ) : (
            <span className="font-normal text-ink-soft">{entered === undefined ? '–' : formatNumber(entered)}</span>
          )}{' '}
          <span className="text-base font-normal">{unit}</span>
        </p>
      </div>
      <div className="grid grid-cols-4 gap-1.5">
        {ROWS[0].map(figure)}
        <Button
          look="bare"
          aria-label={msg.takeTheLastFigureAway}
          className={`${key} grid place-items-center`}
          onClick={takeLast}
        >
          <Delete size={24} aria-hidden="true" />
        </Button>
        {ROWS[1].map(figure)}
        {figure('.')}
        {ROWS[2].map(figure)}
        {figure('0')}
        {allowsMinus && (
          <Button look="bare" aria-label={msg.minus} className={key} onClick={turnOver}>
            −
          </Button>
        )}
        <Button
          look="bare"
          className={`min-h-13 rounded-[3px] border border-magenta bg-magenta text-xl font-bold text-on-magenta ${allowsMinus ? 'col-span-3' : 'col-span-4'}`}
          onClick={keep}
        >
          {msg.save}
        </Button>
      </div>
      <p role="alert" className="min-h-6 font-semibold text-fail">
        {fault}
      </p>
    </div>
  )
}
