import type { Check, NumberCheck, OptionCheck } from './check.ts'

/** What one check says in one language. */
export interface CheckText {
  /** What is asked, as a short noun phrase. */
  readonly label: string
  /** How to look, feel or measure. */
  readonly how: string
  /** What an option says of the state before, where that is put otherwise: "latched" for "shows latched". */
  readonly before?: Readonly<Record<string, string>>
  /** What each option says; none for a number. */
  readonly options?: Readonly<Record<string, string>>
  /** What each answer without a figure says. */
  readonly answers?: Readonly<Record<string, string>>
  /** What to do when an option is not good; a number has its remedy from the rule. */
  readonly remedy?: string
}

type TextOf<C extends Check> =
  C extends OptionCheck<infer OptionId>
    ? CheckText & { readonly options: Readonly<Record<OptionId, string>>; readonly remedy: string }
    : C extends NumberCheck<infer AnswerId>
      ? Omit<CheckText, 'options' | 'remedy' | 'answers'> &
          ([AnswerId] extends [never] ? object : { readonly answers: Readonly<Record<AnswerId, string>> })
      : never

/** The text beside a check: an option without words does not compile. */
export const checkText = <C extends Check>(text: TextOf<C>): CheckText => text
