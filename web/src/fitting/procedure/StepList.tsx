import { checkLabel, type CheckId } from '@nimble-anchor/core/checks'
import { stepName, type Redo, type Step } from '@nimble-anchor/core/procedure'
import { useRef } from 'react'
import { Button } from '../../ui/Button.tsx'
import { StateMark, type MarkState } from '../../ui/StateMark.tsx'
import { useInView } from '../../ui/useInView.ts'
import { stepMark } from './stepState.ts'
import * as msg from './messages.en.ts'

interface Props {
  readonly steps: readonly Step[]
  readonly atId: string | undefined
  readonly marks: ReadonlyMap<CheckId, MarkState>
  readonly done: ReadonlyMap<string, number>
  readonly onOpen: (stepId: string) => void
}

/** The steps in the order of the hands, a line each with its state; the one in hand is marked. */
export function StepList({ steps, atId, marks, done, onOpen }: Props) {
  const list = useRef<HTMLOListElement>(null)
  useInView(list, '[aria-current="step"]', atId)
  return (
    <ol ref={list} aria-label={msg.steps} className="divide-y divide-hair">
      {steps.map((step, i) => {
        const isHere = step.id === atId
        const mark = stepMark(step, marks, done)
        return (
          <li key={step.id}>
            <Button
              look="bare"
              data-step={step.id}
              data-checks={step.checks.join(' ')}
              aria-current={isHere ? 'step' : undefined}
              onClick={() => onOpen(step.id)}
              className={`flex min-h-9 w-full items-center gap-2 border-l-4 px-2 py-1 text-left leading-tight hover:bg-shoal max-lg:min-h-11 pointer-coarse:min-h-11 ${isHere ? 'border-magenta bg-shoal font-bold' : 'border-transparent'} ${mark === 'pass' && !isHere ? 'text-ink-soft' : ''}`}
            >
              <span aria-hidden="true" className="w-5 shrink-0 text-right font-light text-ink-soft">
                {i + 1}
              </span>
              <span className="min-w-0 flex-1">{stepName(step)}</span>
              {mark !== undefined && <StateMark state={mark} size={14} />}
            </Button>
          </li>
        )
      })}
    </ol>
  )
}

/** What must be looked at again, with its cause, above everything: the shortest list, in the order of work. */
export function RedoNote({ list, onOpen }: { list: readonly Redo[]; onOpen: (stepId: string) => void }) {
  if (list.length === 0) return null
  const count = list.flatMap((r) => r.checks).length
  return (
    <section aria-label={msg.checksToDoAgain} className="border-b-2 border-stale bg-sheet p-2">
      <StateMark state="stale" word={count === 1 ? msg.n1CheckMustBeDone : msg.checksMustBeDoneAgain(count)} />
      <ol>
        {list.map(({ step, checks, because }) => (
          <li key={step.id} className="mt-1 border-t border-hair pt-1 text-sm leading-snug first:border-t-0">
            <Button
              look="bare"
              className="min-h-9 w-full text-left font-bold underline underline-offset-4 max-lg:min-h-11 pointer-coarse:min-h-11"
              onClick={() => onOpen(step.id)}
            >
              {stepName(step)}
            </Button>
            {msg.after(checks.map((id) => checkLabel(id)).join(', '), because.join('; '))}{' '}
            {checks.length === 1 ? msg.itWas2 : msg.theyWere}
            {msg.checked}
          </li>
        ))}
      </ol>
    </section>
  )
}
