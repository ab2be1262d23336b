import { chosenIn } from '@nimble-anchor/core/casefile'
import { type FittingView } from '@nimble-anchor/core/formats'
import { drawingOfCheck } from '@nimble-anchor/core/drawings'
import { fittedSubject } from '@nimble-anchor/core/match'
import { recheckList } from '@nimble-anchor/core/procedure'
import { modelName } from '@nimble-anchor/core/restraint'
import { vehicleName } from '@nimble-anchor/core/vehicle'
import { useEffect, useMemo, useState } from 'react'
import { Link, useParams } from 'react-router'
import { api } from '../session/api.ts'
import { Questions } from './Questions.tsx'
import * as msg from './messages.en.ts'

/** For the carer at home: one question, one tap, at most ten times; then what it means. */
export default function RecheckPage() {
  const { id = '' } = useParams()
  const [view, setView] = useState<FittingView | null | 'failed'>(null)
  useEffect(() => {
    document.title = msg.lookAgainNimbleAnchor
    api.fitting(id).then(setView, () => setView('failed'))
  }, [id])
  const subject = useMemo(() => (view !== null && view !== 'failed' ? fittedSubject(view.case) : undefined), [view])
  const items = useMemo(() => (subject ? recheckList(subject) : []), [subject])
  if (view === null) return <p className="p-8 text-ink-soft">{msg.loading}</p>
  if (view === 'failed' || items.length === 0 || view.status !== 'signed' || view.case.handover?.againstAdvice) {
    return (
      <div className="mx-auto max-w-xl p-8">
        <h1 className="text-2xl font-bold">{msg.nothingToLookAtAgain}</h1>
        <p className="mt-2">
          {view === 'failed' ? msg.theServerDoesNotAnswer : msg.onlyAFittingThatWas}{' '}
          <Link to={view === 'failed' ? '/' : `/fittings/${id}`} className="font-semibold text-magenta underline">{msg.goBack}</Link>
        </p>
      </div>
    ) // prettier-ignore
  }
  const { model, position } = chosenIn(view.case)
  const carer = view.case.handover?.carerName ?? msg.carer
  return (
    <Questions
      what={[model && modelName(model), view.case.vehicle && `in ${vehicleName(view.case.vehicle)}`, position?.label]
        .filter(Boolean)
        .join(', ')}
      items={items}
      drawingOf={(item) => (subject && item.check ? drawingOfCheck(item.check, subject) : undefined)}
      onKeep={(answers) => api.recheck(id, carer, answers)}
    >
      <Link to={`/fittings/${id}/hand-over`} className="inline-flex min-h-11 items-center px-3 font-semibold underline">
        {msg.toTheFitting}
      </Link>
    </Questions>
  )
}
