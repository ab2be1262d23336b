import type { InstrumentKind } from '../instruments/index.ts'
import type { Decision } from '../quantities/index.ts'
import type { CheckId } from './ids.ts'
import type { Part } from './parts.ts'

/**
 * Something that a fitter can be asked to look at, feel or measure once a mode,
 * route and place are chosen. What it is called, how it is done and what its
 * options say stands in the text beside it. An option carries its own decision;
 * a number is judged by the rule that asks for it.
 */
export type Check = OptionCheck | NumberCheck

interface CheckBase {
  readonly id: CheckId
  readonly stage: 'attach' | 'child-in'
  /** What of the installation or of the child it looks at: a change of that un-passes it. */
  readonly of: readonly Part[]
  /** What putting it right does over when it was bad, and so un-passes; the check itself was just made. */
  readonly puttingRight: readonly (Part | CheckId)[]
  /** Made on request only: every rule can be settled without it. */
  readonly isOptional?: boolean
}
export interface CheckOption<Id extends string = string> {
  readonly id: Id
  /** `by-rule`: whether it is good depends on the mode; the rule decides. */
  readonly means: Decision | 'by-rule'
  /** Bad in itself, should it be recorded where no rule asks for it. */
  readonly isBadAlone?: boolean
}
export interface OptionCheck<OptionId extends string = string> extends CheckBase {
  readonly kind: 'options'
  readonly options: readonly CheckOption<OptionId>[]
  /** The state before is noted too: an indicator that was seen to change works. */
  readonly notesBefore?: boolean
  /** Something that shows, sounds or feels: how it was noticed is noted. */
  readonly isProof?: boolean
}
/** What an answer without a figure stands for, both ends included. */
export interface Figures {
  readonly from: number
  readonly to: number
}
export interface NumberCheck<AnswerId extends string = string> extends CheckBase {
  readonly kind: 'number'
  readonly unit: string
  readonly min: number
  readonly max: number
  readonly defaultPlusMinus: number
  /** Beyond these no school and no maker calls it good: it counts even where no rule asks for it. */
  readonly neverGood?: { readonly below?: number; readonly above?: number }
  /** What is seen or felt without a scale, and the figures that it stands for: stored as such, and judged as any figure. */
  readonly answers?: Readonly<Record<AnswerId, Figures>>
  /** The device that can give the number. */
  readonly instrument?: InstrumentKind
}

/** A rule decides it where one asks; recorded where none does, it is bad. */
export const BAD_ALONE = 'bad-alone'
type Means = Decision | 'by-rule' | typeof BAD_ALONE

type Declared<OptionId extends string> = Omit<OptionCheck<OptionId>, 'options'> & {
  readonly options: Readonly<Record<OptionId, Means>>
}

/** A check as declared; its options keep the order in which they stand. */
export function defineCheck<const OptionId extends string>(check: Declared<OptionId>): OptionCheck<OptionId>
export function defineCheck<const AnswerId extends string = never>(check: NumberCheck<AnswerId>): NumberCheck<AnswerId>
export function defineCheck(check: Declared<string> | NumberCheck): Check {
  if (check.kind === 'number') return check
  const options = Object.entries(check.options).map(([id, means]): CheckOption =>
    means === BAD_ALONE ? { id, means: 'by-rule', isBadAlone: true } : { id, means },
  )
  return { ...check, options }
}
