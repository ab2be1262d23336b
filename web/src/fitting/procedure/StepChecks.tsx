import { type Case } from '@nimble-anchor/core/casefile'
import { type CheckId } from '@nimble-anchor/core/checks'
import { type Step } from '@nimble-anchor/core/procedure'
import { type Assessment } from '@nimble-anchor/core/verdict'
import type { ReactNode } from 'react'
import { type MarkState } from '../../ui/StateMark.tsx'
import { CheckField } from './CheckField.tsx'
import { findingFor } from './stepState.ts'

interface Props {
  readonly step: Step
  readonly current: Case
  readonly assessment: Assessment
  readonly marks: ReadonlyMap<CheckId, MarkState>
  readonly isSigned: boolean
  /** Put under each check. */
  readonly under?: (id: CheckId) => ReactNode
}

/** The checks of one step, each with its state, its cause to be done again, and what is wrong with it. */
export function StepChecks({ step, current, assessment, marks, isSigned, under }: Props) {
  return step.checks.map((id) => (
    <div key={id} className="min-w-0">
      <CheckField
        id={id}
        current={current}
        assessment={assessment}
        mark={marks.get(id) ?? 'not-started'}
        staleBecause={assessment.stale.find((s) => s.checkId === id)?.because}
        ticks={step.ticks?.check === id ? step.ticks.lines : undefined}
        finding={findingFor(assessment, id)}
        isSigned={isSigned}
      />
      {under?.(id)}
    </div>
  ))
}
