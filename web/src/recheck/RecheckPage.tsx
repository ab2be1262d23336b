import { chosenIn } from '@nimble-anchor/core/casefile'
import { type FittingView } from '@nimble-anchor/core/formats'
import { drawingOfCheck } from '@nimble-anchor/core/drawings'
import { fittedSubject } from '@nimble-anchor/core/match'
import { judgeRecheck, recheckList, type RecheckAnswer } from '@nimble-anchor/core/procedure'
import { modelName } from '@nimble-anchor/core/restraint'
import { vehicleName } from '@nimble-anchor/core/vehicle'
import { CAUTION } from '@nimble-anchor/core/verdict'
import { useEffect, useMemo, useState } from 'react'
import { Link, useParams } from 'react-router'
import { api } from '../session/api.ts'
import { DrawingView } from '../drawings/DrawingView.tsx'
import { RECHECK_WORD } from './words.ts'
import { Button } from '../ui/Button.tsx'
import { StateMark } from '../ui/StateMark.tsx'
import { sayRefusal } from '../ui/refusal.ts'

const WORD: Record<RecheckAnswer, string> = { yes: 'Yes', no: 'No', unsure: 'Cannot tell' }

/** For the carer at home: one question, one tap, at most ten times; then what it means. */
export default function RecheckPage() {
  const { id = '' } = useParams()
  const [view, setView] = useState<FittingView | null | 'failed'>(null)
  const [answers, setAnswers] = useState<Readonly<Record<string, RecheckAnswer>>>({})
  const [at, setAt] = useState(0)
  const [isKept, setKept] = useState(false)
  const [isBusy, setBusy] = useState(false)
  useEffect(() => {
    document.title = 'Look again · Nimble Anchor'
    api.fitting(id).then(setView, () => setView('failed'))
  }, [id])
  const subject = useMemo(() => (view !== null && view !== 'failed' ? fittedSubject(view.case) : undefined), [view])
  const items = useMemo(() => (subject ? recheckList(subject) : []), [subject])
  if (view === null) return <p className="p-8 text-ink-soft">Loading.</p>
  if (view === 'failed' || items.length === 0 || view.status !== 'signed' || view.case.handover?.againstAdvice) {
    return (
      <div className="mx-auto max-w-xl p-8">
        <h1 className="text-2xl font-bold">Nothing to look at again</h1>
        <p className="mt-2">
          {view === 'failed' ? 'The server does not answer, or there is no such fitting.' : 'Only a fitting that was handed over ready is looked at again.'}{' '}
          <Link to={view === 'failed' ? '/' : `/fittings/${id}`} className="font-semibold text-magenta underline">
            Go back
          </Link>
        </p>
      </div>
    ) // prettier-ignore
  }
  const { model, position } = chosenIn(view.case)
  const item = items[at]
  const drawing = subject && item?.check && drawingOfCheck(item.check, subject)
  const result = judgeRecheck(items, answers)
  const carer = view.case.handover?.carerName ?? 'Carer'
  async function keep(): Promise<void> {
    setBusy(true)
    try {
      await api.recheck(id, carer, answers)
      setKept(true)
    } catch (error) {
      sayRefusal(error)
    } finally {
      setBusy(false)
    }
  }
  return (
    <div className="mx-auto flex min-h-[80dvh] max-w-2xl flex-col p-4">
      <p className="text-ink-soft">
        {model ? modelName(model) : ''}
        {view.case.vehicle && ` in ${vehicleName(view.case.vehicle)}`}
        {position && `, ${position.label}`}
      </p>
      {item ? (
        <>
          <p className="mt-1" aria-live="polite">
            <b>{at + 1}</b> of {items.length}
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
              Back
            </Button>
          </div>
        </>
      ) : (
        <>
          <h1 className="mt-4 text-3xl font-bold">
            <StateMark
              state={result.kind}
              word={RECHECK_WORD[result.kind].replace(/^./, (x) => x.toUpperCase())}
              size={28}
            />
          </h1>
          {result.put.length > 0 && (
            <section className="mt-3">
              <h2 className="text-xl font-bold">Do not travel before this is put right</h2>
              <ul className="mt-1 text-lg">
                {result.put.map((i) => (
                  <li key={i.id} className="border-b border-hair py-2">
                    {i.ask}: no. <b>{i.ifNot}</b>
                  </li>
                ))}
              </ul>
            </section>
          )}
          {result.open.length > 0 && (
            <section className="mt-3">
              <h2 className="text-xl font-bold">Could not be told: ask a fitter</h2>
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
                Kept in the record.
              </p>
            ) : (
              <Button look="main" disabled={isBusy} onClick={() => void keep()}>
                Save it in the record
              </Button>
            )}
            <Button
              onClick={() => {
                setAnswers({})
                setAt(0)
                setKept(false)
              }}
            >
              Begin again
            </Button>
            <Link
              to={`/fittings/${id}/hand-over`}
              className="inline-flex min-h-11 items-center px-3 font-semibold underline"
            >
              To the fitting
            </Link>
          </div>
        </>
      )}
    </div>
  )
}
