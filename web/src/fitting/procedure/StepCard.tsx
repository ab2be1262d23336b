import { type Case } from '@nimble-anchor/core/casefile'
import { type CheckId } from '@nimble-anchor/core/checks'
import { drawingOfStep } from '@nimble-anchor/core/drawings'
import { type Step } from '@nimble-anchor/core/procedure'
import { type FittedSubject } from '@nimble-anchor/core/rules'
import { type Assessment } from '@nimble-anchor/core/verdict'
import { useMemo } from 'react'
import { DrawingView } from '../../drawings/DrawingView.tsx'
import { StateMark, type MarkState } from '../../ui/StateMark.tsx'
import { StepChecks } from './StepChecks.tsx'
import { saysOf, StepDone, StepNotes, StepProofs } from './StepParts.tsx'
import { stepMark } from './stepState.ts'
import * as msg from './messages.en.ts'

interface Props {
  readonly step: Step
  readonly number: number
  readonly of: number
  readonly subject: FittedSubject
  readonly current: Case
  readonly assessment: Assessment
  readonly marks: ReadonlyMap<CheckId, MarkState>
  readonly done: ReadonlyMap<string, number>
  readonly isSigned: boolean
}

/** One step: its drawing beside what the hands do and what proves it, and its checks as large tiles. */
export function StepCard({ step, number, of, subject, current, assessment, marks, done, isSigned }: Props) {
  const mark = stepMark(step, marks, done)
  const drawing = useMemo(() => drawingOfStep(step, subject), [step, subject])
  return (
    <article aria-labelledby={`step-${step.id}`}>
      <div className="grid gap-x-5 gap-y-2 sm:grid-cols-[15rem_minmax(0,1fr)]">
        <DrawingView
          drawing={drawing}
          className="w-full max-w-80 self-start rounded-[3px] border border-hair max-sm:max-h-48"
        />
        <div className="min-w-0">
          <h2
            id={`step-${step.id}`}
            tabIndex={-1}
            className="flex outline-none flex-wrap items-center gap-2 text-xl font-bold"
          >
            <span className="font-light text-ink-soft">
              {number}
              <span className="sr-only">{msg.ofWord(of)}</span>
            </span>
            {step.title}
            {mark !== undefined && <StateMark state={mark} size={16} />}
            {step.byMaker && <span className="text-sm font-normal text-ink-soft">{msg.makersWords}</span>}
          </h2>
          <ul className="mt-1 text-[1.05rem] leading-snug">
            {saysOf(step).map((text) => (
              <li key={text} className="py-0.5">
                {text}
              </li>
            ))}
          </ul>
          <StepProofs step={step} />
          <StepNotes step={step} />
          <StepDone step={step} done={done} isSigned={isSigned} />
        </div>
      </div>
      {step.checks.length > 0 && (
        <div className="mt-3 grid gap-x-6 gap-y-4 border-t border-hair pt-3 xl:grid-cols-2">
          <StepChecks drawn={drawing} {...{ step, subject, current, assessment, marks, isSigned }} />
        </div>
      )}
    </article>
  )
}
