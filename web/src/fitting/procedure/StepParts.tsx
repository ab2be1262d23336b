import { type Case } from '@nimble-anchor/core/casefile'
import { checkLabel } from '@nimble-anchor/core/checks'
import { type Sense, type Step } from '@nimble-anchor/core/procedure'
import { Ear, Eye, Hand } from 'lucide-react'
import { useFitting } from '../../session/fitting.ts'
import { Fold } from '../../ui/Fold.tsx'
import { CheckBox } from '../../ui/CheckBox.tsx'
import * as msg from './messages.en.ts'

const SENSE_ICON = { seen: Eye, heard: Ear, felt: Hand } as const satisfies Record<Sense, unknown>

/** What a step says to do; what is ticked off line by line stands under its check. */
export const saysOf = ({ does, ticks }: Step): readonly string[] =>
  ticks === undefined ? does : does.filter((line) => !ticks.lines.includes(line))

/** What the maker says shows that the step is done, each by the sense that notices it. */
export function StepProofs({ step }: { readonly step: Step }) {
  if (step.proofs.length === 0) return null
  return (
    <ul className="mt-1.5 flex flex-wrap gap-x-4 gap-y-1" aria-label={msg.whatProvesIt}>
      {step.proofs.map(({ sense, what }) => {
        const Icon = SENSE_ICON[sense]
        return (
          <li key={`${sense}${what}`} className="inline-flex items-center gap-1.5 font-semibold">
            <Icon size={17} aria-hidden="true" className="text-ink-soft" />
            <span>
              <span className="font-normal text-ink-soft">{sense}:</span> {what}
            </span>
          </li>
        )
      })}
    </ul>
  )
}

/** The other half of a pair, and what doing the step over un-does. */
export function StepNotes({ step }: { readonly step: Step }) {
  return (
    <>
      {step.pair && (
        <p className="mt-1 border-l-4 border-magenta pl-2 text-[0.95em] font-semibold">
          {step.pair.half === 'first' ? msg.mustBeReversedLater : msg.reverses}
          {step.pair.otherText}
        </p>
      )}
      {step.undoes.length > 0 && (
        <Fold className="mt-1 text-sm" summary={msg.ifYouRedoThisStep}>
          <p>{msg.checkAgain(step.undoes.map((id) => checkLabel(id).toLowerCase()).join(', '))}</p>
        </Fold>
      )}
    </>
  )
}

/** A step without a check is noted as done by hand, and so is half of a pair, whatever else proves it. */
const isNotedByHand = (step: Step): boolean => step.checks.length === 0 || step.pair !== undefined

interface Props {
  readonly step: Step
  readonly done: ReadonlyMap<string, number>
  readonly isSigned: boolean
}

export function StepDone({ step, done, isSigned }: Props) {
  const put = useFitting((s) => s.put)
  if (!isNotedByHand(step)) return null
  return (
    <CheckBox
      className="mt-1.5 inline-flex! font-semibold"
      disabled={isSigned}
      checked={done.has(step.id)}
      onChange={(isDone) => put([{ path: ['stepsDone', step.id], value: isDone ? {} : null }])}
    >
      {msg.done}
    </CheckBox>
  )
}

/**
 * Puts that note a step as done when somebody goes on from it; none where it is
 * noted already or is proved by its checks. Half of a pair is ticked by hand
 * only: who just leafs through must not close it.
 */
export const putsForDone = (step: Step, current: Case, done: ReadonlyMap<string, number>) =>
  isNotedByHand(step) && step.pair === undefined && !done.has(step.id) && current.handover === undefined
    ? [{ path: ['stepsDone', step.id], value: {} }]
    : []
