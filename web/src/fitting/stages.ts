import { type Case } from '@nimble-anchor/core/casefile'
import { STAGES, type Assessment, type Stage } from '@nimble-anchor/core/verdict'
import type { GoTo } from '../findings/goTo.ts'
import type { MarkState } from '../ui/StateMark.tsx'

export const isStage = (text: string | undefined): text is Stage => (STAGES as readonly string[]).includes(text ?? '')

/** How a stage is marked; stale is said before anything but a failure, since it names what to do again. */
export function stageMark(assessment: Assessment, stage: Stage, staleStages: ReadonlySet<Stage>): MarkState {
  const state = assessment.stages[stage]
  if (state !== 'fail' && staleStages.has(stage)) return 'stale'
  return state
}

/** What every stage is given. */
export interface StageProps {
  readonly current: Case
  readonly assessment: Assessment
  readonly isSigned: boolean
  readonly goTo: GoTo
}
