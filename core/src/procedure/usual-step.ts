import { sayerOf, type Message, type MessageTexts } from '../ground/index.ts'
import type { CheckId } from '../checks/index.ts'
import type { Change } from '../readings/index.ts'
import type { UsualStepId } from '../restraint/index.ts'
import type { FittedSubject } from '../rules/index.ts'

/** One step of the usual procedure; what it is called and what it says stands in the text beside it. */
export interface UsualStep {
  readonly id: UsualStepId
  readonly stage: 'attach' | 'child-in'
  /** Steps that come before it, where the fitting has them. */
  readonly needs: readonly UsualStepId[]
  /** Further ones in this fitting; they weigh more than the usual order. */
  readonly needsHere?: (s: FittedSubject) => readonly UsualStepId[]
  /** Messages that stay where the maker's words stand instead of the others. */
  readonly keeps?: readonly string[]
  /** The message whose lines are ticked off one by one, and the check that stands for all of them. */
  readonly ticks?: { readonly message: string; readonly check: CheckId }
  /** What doing the step over changes: it un-passes what hangs on that. */
  readonly changes?: readonly Change[]
  /** Recorded by these, where a rule asks for them. */
  readonly checks: readonly CheckId[]
  /** Whether this fitting has the step. */
  readonly isIn: (s: FittedSubject) => boolean
  /** Another title than the usual, where this fitting has one. */
  readonly title?: (s: FittedSubject) => Message | undefined
  /** What to do, in order; what this fitting does not have is left out. */
  readonly does: (s: FittedSubject) => readonly (Message | false | '' | undefined)[]
}
export const defineStep = (step: UsualStep): UsualStep => step

/** Everything that one step says in one language. */
export interface StepText {
  readonly title: string
  readonly says: MessageTexts
}
export const stepText = <const T extends StepText>(text: T): T => text
export const stepSayer = <T extends StepText>() => sayerOf<T['says']>()
