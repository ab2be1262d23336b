import { type FittingId } from '@nimble-anchor/core/ground'
import { dateText } from '@nimble-anchor/core/quantities'
import { jobsFor, type JobKind } from '@nimble-anchor/core/aftercare'
import { chosenIn, type Case } from '@nimble-anchor/core/casefile'
import { type RecheckView } from '@nimble-anchor/core/formats'
import { JOB_TITLE } from '@nimble-anchor/core/restraint'
import { Link, useNavigate } from 'react-router'
import { api } from '../../session/api.ts'
import { fitterName } from '../../session/preferences.ts'
import { ON_OPENING, useAnswer } from '../../session/queries.ts'
import { CarerLinkButton } from './CarerLinkButton.tsx'
import { Button } from '../../ui/Button.tsx'
import { Panel } from '../../ui/Panel.tsx'
import { sayRefusal } from '../../ui/refusal.ts'
import { notSo, RECHECK_WORD } from '../../recheck/words.ts'
import { StateMark } from '../../ui/StateMark.tsx'
import * as msg from './messages.en.ts'

interface Props {
  readonly fittingId: FittingId
  readonly current: Case
  readonly isSigned: boolean
}

const NONE: readonly RecheckView[] = []

/** What follows a fitting: the carer looks again at home, and one day it comes out. */
export function AfterPanel({ fittingId, current, isSigned }: Props) {
  const navigate = useNavigate()
  const { model, unit, mode, route } = chosenIn(current)
  const { data: rechecks = NONE } = useAnswer({
    queryKey: ['rechecks', fittingId],
    queryFn: () => api.rechecks(fittingId),
    enabled: isSigned,
    ...ON_OPENING,
  })
  if (!model || !mode || !route) return null
  const kinds = jobsFor({ model, mode, route }).filter((k) => k !== 'convert')
  const begin = (kind: JobKind): void => {
    if (!unit) return
    void api
      .beginJob({ unitId: unit.id, kind, who: fitterName(), fittingId, fromModeId: mode.id })
      .then((job) => navigate(`/jobs/${job.id}`), sayRefusal)
  }
  return (
    <Panel title={msg.afterwards} className="no-print">
      {isSigned && current.handover?.againstAdvice === undefined && (
        <div className="mb-3">
          <Link
            to={`/fittings/${fittingId}/recheck`}
            className="inline-flex min-h-11 items-center rounded-[3px] border border-magenta bg-magenta px-3.5 font-semibold text-on-magenta"
          >
            {msg.lookAgainInTenTaps}
          </Link>
          <CarerLinkButton fittingId={fittingId} />
          {rechecks.length > 0 && (
            <ul className="mt-2 divide-y divide-hair border-y border-hair">
              {rechecks.slice(0, 5).map((r) => (
                <li key={r.id} className="flex flex-wrap items-center gap-x-3 py-1.5">
                  <StateMark state={r.kind} word={RECHECK_WORD[r.kind]} />
                  <span className="text-ink-soft">
                    {r.who}, {dateText(r.answeredAt, 'time-of-year')}
                  </span>
                  <span>{notSo(r)}</span>
                </li>
              ))}
            </ul>
          )}
        </div>
      )}
      {unit ? (
        <>
          <p className="mb-2 text-sm text-ink-soft">{msg.jobsOnUnitEachEnding(unit.serial)}</p>
          <div className="flex flex-wrap gap-2">
            {kinds.map((kind) => (
              <Button key={kind} onClick={() => begin(kind)}>
                {JOB_TITLE[kind]}
              </Button>
            ))}
          </div>
        </>
      ) : (
        <p className="text-ink-soft">{msg.jobsAreKeptWithA}</p>
      )}
    </Panel>
  )
}
