import { dateText } from '@nimble-anchor/core/quantities'
import { jobState, withAnswer, withStep, type JobRecord } from '@nimble-anchor/core/aftercare'
import { type JobView } from '@nimble-anchor/core/formats'
import { useEffect, useRef } from 'react'
import { Link, useParams } from 'react-router'
import { api, Refused } from '../session/api.ts'
import { loadCatalogue } from '../session/catalogue.ts'
import { fitterName } from '../session/preferences.ts'
import { ON_OPENING, queries, take, UNTIL_ASKED_AGAIN, useAnswer } from '../session/queries.ts'
import { Choices } from '../ui/Choices.tsx'
import { Missing } from '../ui/Missing.tsx'
import { Panel } from '../ui/Panel.tsx'
import { sayRefusal } from '../ui/refusal.ts'
import { StateMark } from '../ui/StateMark.tsx'
import { JOB_MARK } from './jobMark.ts'
import { CheckBox } from '../ui/CheckBox.tsx'
import { Fold } from '../ui/Fold.tsx'
import * as msg from './messages.en.ts'

/** One job on one unit: steps in order, then the checks that end it. */
export default function JobPage() {
  const { id = '' } = useParams()
  const asked = { queryKey: ['job', id], queryFn: () => api.job(id), ...UNTIL_ASKED_AGAIN, ...ON_OPENING } as const
  const { data: job, error } = useAnswer(asked)
  const setJob = (next: JobView): Promise<void> => take(asked.queryKey, next)
  // One request after another, each shown at once: a fitter ticks faster than a server answers.
  const sending = useRef<Promise<unknown>>(Promise.resolve())
  const waiting = useRef(0)
  /** The newest that the server is known to have stored. */
  const stored = useRef<JobView>(undefined)
  useEffect(() => {
    if (job) document.title = msg.nimbleAnchor(job.plan.title)
  }, [job])
  if (!job) {
    if (error instanceof Refused) return <Missing title={msg.thereIsNoSuchJob} to="/" label={msg.goToToday} />
    return error ? (
      <p role="alert" className="p-8">
        {msg.theServerDoesNotAnswer}
      </p>
    ) : (
      <p className="p-8 text-ink-soft">{msg.loading}</p>
    )
  }
  const { plan, record } = job
  const state = jobState(plan, record)
  const isOver = job.state === 'passed'
  const change = (next: (record: JobRecord) => JobRecord, ask: () => Promise<JobView>): void => {
    // What was ticked a moment ago may not be drawn yet.
    const newest = queries.getQueryData<JobView>(asked.queryKey) ?? job
    if (waiting.current === 0) stored.current = newest
    const record = next(newest.record)
    void setJob({ ...newest, record, state: jobState(plan, record).state })
    waiting.current += 1
    sending.current = sending.current
      .then(ask)
      .then(
        (view) => {
          stored.current = view
          if (waiting.current === 1) void setJob(view)
          // The catalogue says whether the unit may be used.
          if (view.state !== 'steps') void loadCatalogue()
        },
        async (error: unknown) => {
          sayRefusal(error)
          // What did not arrive is not done: shown as it is stored, and asked for, since another may have changed it.
          await setJob(stored.current ?? newest)
          await queries.invalidateQueries({ queryKey: asked.queryKey })
        },
      )
      .finally(() => {
        waiting.current -= 1
      })
  }
  const textOf = (stepId: string): string | undefined => plan.steps.find((s) => s.id === stepId)?.text
  return (
    <div className="mx-auto max-w-4xl p-3 sm:p-5">
      <p className="text-ink-soft">
        {job.unitName}
        {job.fittingId !== null && (
          <>
            {' · '}
            <Link
              to={`/fittings/${job.fittingId}/hand-over`}
              className="inline-flex min-h-11 items-center underline underline-offset-4"
            >
              {msg.itsFitting}
            </Link>
          </>
        )}
      </p>
      <h1 className="text-2xl font-bold tracking-tight">{plan.title}</h1>
      <p className="mt-1 text-lg" aria-live="polite">
        <StateMark state={JOB_MARK[job.state].mark} word={JOB_MARK[job.state].word} size={20} />
      </p>
      {plan.holdsUnit && !isOver && (
        <p className="mt-2 border-l-4 border-fail pl-3 font-semibold">{msg.notForUseUntilEvery}</p>
      )}
      <p className="mt-2 text-sm text-ink-soft">{plan.byMaker ? msg.theMakersOwnSteps : msg.theUsualStepsWhereThe}</p>
      <Panel title={msg.stepsInOrder} className="mt-3">
        <ol className="-my-2 divide-y divide-hair">
          {plan.steps.map((step, i) => {
            const isNext = state.nextStep?.id === step.id
            const pair = step.pairedWith === undefined ? undefined : textOf(step.pairedWith)
            return (
              <li key={step.id}>
                <CheckBox
                  className={`min-h-12 items-start! gap-3! py-2 ${isNext ? 'font-bold' : ''}`}
                  disabled={isOver}
                  checked={record.done.includes(step.id)}
                  onChange={(isDone) =>
                    change(
                      (r) => withStep(plan, r, step.id, isDone),
                      () => api.jobStep(job.id, fitterName(), step.id, isDone),
                    )
                  }
                >
                  <span aria-hidden="true" className="w-5 shrink-0 text-ink-soft">
                    {i + 1}
                  </span>
                  <span>
                    {step.text}
                    {step.proof !== undefined && (
                      <span className="block text-sm font-semibold">{msg.lookFor(step.proof)}</span>
                    )}
                    {pair !== undefined && (
                      <span className="block text-sm font-normal text-ink-soft">{msg.reverses(pair)}</span>
                    )}
                  </span>
                </CheckBox>
              </li>
            )
          })}
        </ol>
      </Panel>
      <Panel title={msg.checksAtTheEnd} className="mt-3">
        {state.nextStep && <p className="text-ink-soft">{msg.theyComeWhenEveryStep}</p>}
        <ul className="flex flex-col gap-4">
          {plan.checks.map((check) => {
            const isFailed = state.failed.includes(check)
            return (
              <li key={check.id}>
                <p className="mb-1">
                  <span className="font-bold">{check.label}</span>{' '}
                  <span className="text-sm text-ink-soft">{check.how}</span>
                </p>
                {!state.nextStep && (
                  <Choices
                    legend={check.label}
                    hideLegend
                    disabled={isOver}
                    value={record.answers[check.id]}
                    options={check.options.map((o) => ({ id: o.id, label: o.label, mark: o.means }))}
                    onChoose={(option) =>
                      change(
                        (r) => withAnswer(r, check.id, option),
                        () => api.jobAnswer(job.id, fitterName(), check.id, option),
                      )
                    }
                  />
                )}
                {isFailed && <p className="mt-1 border-l-4 border-fail pl-2 font-semibold">{check.remedy}</p>}
              </li>
            )
          })}
        </ul>
      </Panel>
      <Fold className="mt-3" summary={msg.whoDidWhat(job.log.length)}>
        <ol className="text-sm">
          {job.log.map((entry, i) => (
            <li key={i} className="border-b border-hair py-1">
              {dateText(entry.notedAt, 'time-of-year')} · {entry.who}: {entry.what}
            </li>
          ))}
        </ol>
      </Fold>
    </div>
  )
}
