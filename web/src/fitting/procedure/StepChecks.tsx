import { type Case } from '@nimble-anchor/core/casefile'
import { checkOf, type CheckId } from '@nimble-anchor/core/checks'
import { drawingOfCheck, type Drawing } from '@nimble-anchor/core/drawings'
import { type Step } from '@nimble-anchor/core/procedure'
import { type FittedSubject } from '@nimble-anchor/core/rules'
import { type Assessment, limitOf } from '@nimble-anchor/core/verdict'
import { useMemo, type ReactNode } from 'react'
import { DrawingView } from '../../drawings/DrawingView.tsx'
import { type MarkState } from '../../ui/StateMark.tsx'
import type { CheckPart } from './bayPages.ts'
import { CheckField } from './CheckField.tsx'
import { findingFor } from './stepState.ts'

interface Props {
  readonly step: Step
  /** Those of its checks that are shown here. */
  readonly checks?: readonly CheckId[]
  readonly subject: FittedSubject
  /** The drawing that stands above already: a check that would show the same again is not drawn. */
  readonly drawn?: Drawing
  /** One or two checks fill the screen: their drawings stand over the tiles, lower where sentences stand above. */
  readonly isLarge?: 'with-sentences' | 'alone'
  /** What of a check that notes the state before is shown; both where nothing is said. */
  readonly part?: CheckPart | undefined
  readonly current: Case
  readonly assessment: Assessment
  readonly marks: ReadonlyMap<CheckId, MarkState>
  readonly isSigned: boolean
  /** Put under each check. */
  readonly under?: (id: CheckId) => ReactNode
}

const isSame = (a: Drawing, b: Drawing | undefined): boolean =>
  b !== undefined && JSON.stringify(a.shapes) === JSON.stringify(b.shapes)

/** The checks of one step, each drawn, with its state, its cause to be done again, and what is wrong with it. */
export function StepChecks({ step, checks = step.checks, subject, drawn, isLarge, part, ...rest }: Props) {
  const { current, assessment, marks, isSigned, under } = rest
  const drawings = useMemo(
    () => new Map(checks.map((id) => [id, drawingOfCheck(id, subject, limitOf(id, assessment))] as const)),
    [checks, subject, assessment],
  )
  return checks.map((id, i) => {
    const drawing = drawings.get(id)
    const before = i > 0 ? drawings.get(checks[i - 1] as CheckId) : undefined
    const isShown = drawing !== undefined && !isSame(drawing, drawn) && !isSame(drawing, before)
    // Two of them stand one below the other: beside its words a drawing takes no height of its own.
    const isAbove = isLarge !== undefined && checks.length === 1
    return (
      <div key={id} className="min-w-0">
        {isShown && isAbove && (
          <DrawingView
            drawing={drawing}
            className={`mx-auto mb-2 w-full ${isLarge === 'alone' && checkOf(id).kind === 'options' ? 'max-h-[22vh]' : 'max-h-[15vh]'}`}
          />
        )}
        <CheckField
          id={id}
          current={current}
          assessment={assessment}
          mark={marks.get(id) ?? 'not-started'}
          staleBecause={assessment.stale.find((s) => s.checkId === id)?.because}
          ticks={step.ticks?.check === id ? step.ticks.lines : undefined}
          finding={findingFor(assessment, id)}
          isSigned={isSigned}
          part={part}
          hasPad={under !== undefined && !isSigned}
          drawing={
            isShown && !isAbove ? (
              <DrawingView drawing={drawing} className="w-full rounded-[3px] border border-hair" />
            ) : undefined
          }
        />
        {under?.(id)}
      </div>
    )
  })
}
