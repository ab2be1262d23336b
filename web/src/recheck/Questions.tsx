import type { Drawing } from '@nimble-anchor/core/drawings'
import { judgeRecheck, type RecheckAnswer, type RecheckItem } from '@nimble-anchor/core/procedure'
import { CAUTION } from '@nimble-anchor/core/verdict'
import { useState, type ReactNode } from 'react'
import { DrawingView } from '../drawings/DrawingView.tsx'
import { Button } from '../ui/Button.tsx'
import { sayRefusal } from '../ui/refusal.ts'
import { StateMark } from '../ui/StateMark.tsx'
import { upperFirst } from '../ui/words.ts'
import { RECHECK_WORD } from './words.ts'
import * as msg from './messages.en.ts'

const WORD: Record<RecheckAnswer, string> = { yes: msg.yes, no: msg.no, unsure: msg.cannotTell }

type Answers = Readonly<Record<string, RecheckAnswer>>
interface Props {
  /** Restraint, car and place. */
  readonly what: string
  readonly items: readonly RecheckItem[]
  readonly drawingOf: (item: RecheckItem) => Drawing | undefined
  readonly onKeep: (answers: Answers) => Promise<unknown>
  /** Where one goes afterwards. */
  readonly children?: ReactNode
}

/** One question, one tap, at most ten times; then what it means. */
export function Questions({ what, items, drawingOf, onKeep, children }: Props) {
  const [answers, setAnswers] = useState<Answers>({})
  const [at, setAt] = useState(0)
  const [isKept, setKept] = useState(false)
  const [isBusy, setBusy] = useState(false)
  const item = items[at]
  const drawing = item && drawingOf(item)
  const result = judgeRecheck(items, answers)
  async function keep(): Promise<void> {
    setBusy(true)
    try {
      await onKeep(answers)
      setKept(true)
    } catch (error) {
      sayRefusal(error)
    } finally {
      setBusy(false)
    }
  }
  return (
    <div className="mx-auto flex min-h-[80dvh] max-w-2xl flex-col p-4">
      <p className="text-ink-soft">{what}</p>
      {item ? (
        <>
          <p className="mt-1" aria-live="polite">
            <b>{at + 1}</b>
            {msg.ofWord(items.length)}
          </p>
          <h1 className="mt-4 text-3xl leading-tight font-bold">{item.ask}</h1>
          {drawing && <DrawingView drawing={drawing} className="mx-auto mt-2 max-h-[30vh] w-full" />}
          <p className="mt-2 text-xl">{item.how}</p>
          <div className="mt-auto grid gap-2 pt-6">
            {(['yes', 'no', 'unsure'] as const).map((answer) => (
              <Button
                look="bare"
                key={answer}
                className={`min-h-16 rounded-[3px] border text-2xl font-bold ${answer === 'yes' ? 'border-magenta bg-magenta text-on-magenta' : 'border-ink bg-sheet hover:bg-shoal'}`}
                onClick={() => {
                  setAnswers({ ...answers, [item.id]: answer })
                  setAt(at + 1)
                }}
              >
                {WORD[answer]}
              </Button>
            ))}
            <Button look="quiet" disabled={at === 0} onClick={() => setAt(at - 1)}>
              {msg.back}
            </Button>
          </div>
        </>
      ) : (
        <>
          <h1 className="mt-4 text-3xl font-bold">
            <StateMark state={result.kind} word={upperFirst(RECHECK_WORD[result.kind])} size={28} />
          </h1>
          {result.put.length > 0 && (
            <section className="mt-3">
              <h2 className="text-xl font-bold">{msg.doNotTravelBeforeThis}</h2>
              <ul className="mt-1 text-lg">
                {result.put.map((i) => (
                  <li key={i.id} className="border-b border-hair py-2">
                    {msg.no2(i.ask)}
                    <b>{i.ifNot}</b>
                  </li>
                ))}
              </ul>
            </section>
          )}
          {result.open.length > 0 && (
            <section className="mt-3">
              <h2 className="text-xl font-bold">{msg.couldNotBeToldAsk}</h2>
              <ul className="mt-1 text-lg">
                {result.open.map((i) => (
                  <li key={i.id} className="border-b border-hair py-2">
                    {i.ask}. {i.how}
                  </li>
                ))}
              </ul>
            </section>
          )}
          <p className="mt-4 border-t border-line pt-2">{CAUTION}</p>
          <div className="mt-6 flex flex-wrap gap-2">
            {isKept ? (
              <p role="status" className="font-semibold">
                {msg.keptInTheRecord}
              </p>
            ) : (
              <Button look="main" disabled={isBusy} onClick={() => void keep()}>
                {msg.saveItInTheRecord}
              </Button>
            )}
            <Button
              onClick={() => {
                setAnswers({})
                setAt(0)
                setKept(false)
              }}
            >
              {msg.beginAgain}
            </Button>
            {children}
          </div>
        </>
      )}
    </div>
  )
}
