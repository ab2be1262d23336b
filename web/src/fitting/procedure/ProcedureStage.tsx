import { checkLabel } from '@nimble-anchor/core/checks'
import { fittedSubject, stepsDoneIn } from '@nimble-anchor/core/match'
import { disturbancesOf, redoList, stepsFor, type Redo } from '@nimble-anchor/core/procedure'
import { DISTURBANCE_TEXT } from '@nimble-anchor/core/readings'
import { checkState } from '@nimble-anchor/core/verdict'
import { useEffect, useMemo, useState } from 'react'
import { useCommands } from '../../app/commands.ts'
import { useFitting } from '../../session/fitting.ts'
import { Button } from '../../ui/Button.tsx'
import { Panel } from '../../ui/Panel.tsx'
import { StateMark } from '../../ui/StateMark.tsx'
import { upperFirst } from '../../ui/words.ts'
import type { StageProps } from '../stages.ts'
import { BayView } from './BayView.tsx'
import { CheckField } from './CheckField.tsx'
import { saysOf, StepDone, StepNotes, StepProofs } from './StepParts.tsx'
import { findingFor, stepMark } from './stepState.ts'

interface Props extends StageProps {
  readonly stage: 'attach' | 'child-in'
}

export default function ProcedureStage({ current, assessment, isSigned, goTo, stage }: Props) {
  const put = useFitting((s) => s.put)
  const subject = useMemo(() => fittedSubject(current), [current])
  const steps = useMemo(() => (subject ? stepsFor(subject).filter((s) => s.stage === stage) : []), [subject, stage])
  const done = useMemo(() => stepsDoneIn(current), [current])
  const redo = useMemo(
    () => (subject ? redoList(current, subject).filter((r) => r.step.stage === stage) : []),
    [current, subject, stage],
  )
  const [bay, setBay] = useState<{ readonly at: string | undefined } | null>(null)
  const register = useCommands((s) => s.register)
  useEffect(
    () =>
      register([
        {
          id: 'bay-view',
          label: 'Bay view: one step, large',
          group: 'Do',
          key: 'o',
          run: () => setBay({ at: undefined }),
        },
      ]),
    [register],
  )
  const marks = useMemo(
    () => new Map(steps.flatMap((s) => s.checks.map((id) => [id, checkState(id, current, assessment)] as const))),
    [steps, current, assessment],
  )
  if (!subject) {
    const hasMode = current.choice.modeId !== undefined
    return (
      <Panel title={stage === 'attach' ? 'Attach' : 'Child in'}>
        <p>
          The steps are made for one mode, place and route. {hasMode ? 'Choose the place' : 'Choose the restraint mode'}{' '}
          first.
        </p>
        <Button look="main" className="mt-3" onClick={() => goTo(hasMode ? 'place' : 'choose')}>
          {hasMode ? 'Open Place' : 'Open Choose'}
        </Button>
      </Panel>
    )
  }
  const disturbances = disturbancesOf(subject, stage)
  const next = stage === 'attach' ? 'child-in' : 'hand-over'
  return (
    <div className="flex flex-col gap-3">
      <div className="flex flex-wrap items-center justify-between gap-2">
        <p className="text-ink-soft">At the car door: one step at a time, large.</p>
        <Button look="main" onClick={() => setBay({ at: undefined })}>
          Bay view
        </Button>
      </div>
      <RedoNote list={redo} onOpen={(id) => setBay({ at: id })} />
      {bay && (
        <BayView
          steps={steps}
          startAt={bay.at}
          current={current}
          assessment={assessment}
          marks={marks}
          done={done}
          isSigned={isSigned}
          onClose={() => setBay(null)}
        />
      )}
      <ol className="flex flex-col gap-2.5">
        {steps.map((step, i) => {
          const mark = stepMark(step, marks, done)
          return (
            <li key={step.id} className="rounded-[3px] border border-line bg-sheet">
              <div className="grid grid-cols-[2.200rem_1fr] gap-x-2 p-3">
                <span aria-hidden="true" className="text-2xl leading-none font-light text-ink-soft">
                  {i + 1}
                </span>
                <div className="min-w-0">
                  <h2 className="flex flex-wrap items-center gap-2 text-[1.05rem] font-bold">
                    {step.title}
                    {mark !== undefined && <StateMark state={mark} size={14} />}
                    {step.byMaker && <span className="text-sm font-normal text-ink-soft">maker’s words</span>}
                  </h2>
                  <ul className="mt-0.5">
                    {saysOf(step).map((text) => (
                      <li key={text}>{text}</li>
                    ))}
                  </ul>
                  <StepProofs step={step} />
                  <StepNotes step={step} />
                  <StepDone step={step} done={done} isSigned={isSigned} />
                  {step.checks.length > 0 && (
                    <div className="mt-2 grid gap-x-6 gap-y-3 border-t border-hair pt-2.5 md:grid-cols-2 lg:grid-cols-1 xl:grid-cols-2">
                      {step.checks.map((id) => (
                        <CheckField
                          key={id}
                          id={id}
                          current={current}
                          assessment={assessment}
                          mark={marks.get(id) ?? 'not-started'}
                          staleBecause={assessment.stale.find((s) => s.checkId === id)?.because}
                          ticks={step.ticks?.check === id ? step.ticks.lines : undefined}
                          finding={findingFor(assessment, id)}
                          isSigned={isSigned}
                        />
                      ))}
                    </div>
                  )}
                </div>
              </div>
            </li>
          )
        })}
      </ol>
      {!isSigned && (
        <Panel title="Something changed after it was checked">
          <p className="mb-2 text-sm text-ink-soft">Note it here: every check that depended on it is asked again.</p>
          <div className="flex flex-wrap gap-2">
            {disturbances.map((d) => (
              <Button key={d} onClick={() => put([{ path: ['disturbances', d], value: {} }])}>
                {upperFirst(DISTURBANCE_TEXT[d])}
              </Button>
            ))}
          </div>
        </Panel>
      )}
      <div className="flex justify-end">
        <Button onClick={() => goTo(next)}>{next === 'child-in' ? 'Go on to Child in' : 'Go on to Hand over'}</Button>
      </div>
    </div>
  )
}

/** The shortest list of what to do again, in the order of work; each line opens its step. */
function RedoNote({ list, onOpen }: { list: readonly Redo[]; onOpen: (stepId: string) => void }) {
  if (list.length === 0) return null
  const count = list.flatMap((r) => r.checks).length
  return (
    <section aria-label="Checks to do again" className="rounded-[3px] border-2 border-stale bg-sheet p-3">
      <StateMark
        state="stale"
        word={count === 1 ? '1 check must be done again' : `${count} checks must be done again`}
      />
      <ol className="mt-1">
        {list.map(({ step, checks, because }) => (
          <li key={step.id} className="flex flex-wrap items-baseline gap-x-2">
            <Button
              look="bare"
              className="min-h-11 font-semibold underline underline-offset-4"
              onClick={() => onOpen(step.id)}
            >
              {step.title}
            </Button>
            <span>
              {checks.map((id) => checkLabel(id)).join(', ')}: {because.join('; ')} after{' '}
              {checks.length === 1 ? 'it was' : 'they were'} checked.
            </span>
          </li>
        ))}
      </ol>
    </section>
  )
}
