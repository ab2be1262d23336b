import { type FittingId } from '@nimble-anchor/core/ground'
import { compareCases, type Case } from '@nimble-anchor/core/casefile'
import { type FittingView } from '@nimble-anchor/core/formats'
import { useEffect, useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { toast } from 'sonner'
import { api } from '../../session/api.ts'
import { useFitting } from '../../session/fitting.ts'
import { Button } from '../../ui/Button.tsx'
import { Panel } from '../../ui/Panel.tsx'
import { changeText } from '../changeText.ts'
import * as msg from './messages.en.ts'

/** Begins a correction of a signed fitting and opens it. */
export function ReviseButton({ fittingId }: { readonly fittingId: FittingId }) {
  const navigate = useNavigate()
  const [isBusy, setBusy] = useState(false)
  async function revise(): Promise<void> {
    setBusy(true)
    try {
      const revision = await api.revise(fittingId)
      void navigate(`/fittings/${revision.id}/hand-over`)
    } catch (error) {
      toast.error(error instanceof Error ? error.message : msg.theRevisionWasNotBegun)
      setBusy(false)
    }
  }
  return (
    <Button className="no-print mt-3" disabled={isBusy} onClick={() => void revise()}>
      {msg.correctItInANew}
    </Button>
  )
}

/** What this revision says otherwise than the signed fitting that it corrects. */
export function RevisionPanel({ current }: { readonly current: Case }) {
  const revises = useFitting((s) => s.view?.revises ?? null)
  const [earlier, setEarlier] = useState<FittingView | null>(null)
  useEffect(() => {
    if (revises === null) return
    let isOver = false
    api.fitting(revises).then(
      (view) => !isOver && setEarlier(view),
      () => undefined,
    )
    return () => {
      isOver = true
    }
  }, [revises])
  if (revises === null) return null
  const signed = earlier?.id === revises ? earlier : null
  const changes = signed ? compareCases(signed.case, current) : []
  return (
    <Panel
      title={msg.revisionOfASignedFitting}
      aside={
        <Link
          to={`/fittings/${revises}/hand-over`}
          className="inline-flex min-h-11 items-center font-semibold underline underline-offset-4"
        >
          {msg.theSignedOne}
        </Link>
      }
    >
      {!signed && <p className="text-ink-soft">{msg.lookingAtWhatItSaid}</p>}
      {signed && changes.length === 0 && <p>{msg.nothingIsSaidOtherwiseYet}</p>}
      {changes.length > 0 && (
        <>
          <p className="mb-1 text-ink-soft">{msg.whatThisOneSaysDifferently}</p>
          <ul className="list-disc pl-5">
            {changes.map((change) => (
              <li key={change.path.join('/')}>{changeText(change)}</li>
            ))}
          </ul>
        </>
      )}
    </Panel>
  )
}
