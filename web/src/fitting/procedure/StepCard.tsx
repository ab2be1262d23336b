import { type Case } from '@nimble-anchor/core/casefile'
import { type CheckId } from '@nimble-anchor/core/checks'
import { type Step } from '@nimble-anchor/core/procedure'
import { type Assessment } from '@nimble-anchor/core/verdict'
import { StateMark, type MarkState } from '../../ui/StateMark.tsx'
import { StepChecks } from './StepChecks.tsx'
import { saysOf, StepDone, StepNotes, StepProofs } from './StepParts.tsx'
import { stepMark } from './stepState.ts'

interface Props {
  readonly step: Step
  readonly number: number
  readonly of: number
  readonly current: Case
  readonly assessment: Assessment
  readonly marks: ReadonlyMap<CheckId, MarkState>
  readonly done: ReadonlyMap<string, number>
  readonly isSigned: boolean
}

/** One step: what the hands do, what proves it, and its checks as large tiles. */
export function StepCard({ step, number, of, current, assessment, marks, done, isSigned }: Props) {
  const mark = stepMark(step, marks, done)
  return (
    <article aria-labelledby={`step-${step.id}`}>
      <h2 id={`step-${step.id}`} className="flex flex-wrap items-center gap-2 text-xl font-bold">
        <span className="font-light text-ink-soft">
          {number}
          <span className="sr-only"> of {of}</span>
        </span>
        {step.title}
        {mark !== undefined && <StateMark state={mark} size={16} />}
        {step.byMaker && <span className="text-sm font-normal text-ink-soft">maker’s words</span>}
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
      {step.checks.length > 0 && (
        <div className="mt-3 grid gap-x-6 gap-y-4 border-t border-hair pt-3 xl:grid-cols-2">
          <StepChecks {...{ step, current, assessment, marks, isSigned }} />
        </div>
      )}
    </article>
  )
}
