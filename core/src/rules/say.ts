import { messageOf, type Message } from '../ground/index.ts'

/**
 * What an outcome says: one message of one rule, and the data that fills it.
 * Nothing here is in any language; the sentence is made by `speak.ts`, when
 * somebody reads it.
 */
export interface Said extends Message {
  /** The rule whose message it is; set as the rule evaluates, inside another message that of the one around it. */
  rule?: string
}

/** Puts another message into words, inside a sentence that quotes it. */
export interface Read {
  reason(said: Said): string
  remedy(said: Said): string | undefined
}

/** One message of a rule in one language: why, and what to do about it. */
export interface Sentence<D> {
  reason(data: D, read: Read): string
  remedy?(data: D, read: Read): string | undefined
}

/** Everything that one rule says in one language. */
export interface RuleText {
  readonly title: string
  /** The text it stands on, in our words. */
  readonly standsOn: string
  readonly says: Readonly<Record<string, Sentence<never>>>
}

export const sentence = <D = undefined>(s: Sentence<D>): Sentence<D> => s
export const ruleText = <const T extends RuleText>(text: T): T => text

/** No argument where a message needs no data. */
type DataArgument<D> = [D] extends [never] ? [] : undefined extends D ? [] : [D]
type DataOf<S> = S extends Sentence<infer D> ? D : never
/**
 * Names a message of the text beside a rule.
 *
 * @example const say = sayer<typeof en>()
 */
export const sayer = <T extends RuleText>() =>
  messageOf as <K extends keyof T['says'] & string>(message: K, ...data: DataArgument<DataOf<T['says'][K]>>) => Said

/** Words of a sentence that many rules share, as one of them has them: as they are, or by what is said. */
export type Words<D> = string | ((data: D) => string)
export const wordsOf = <D>(text: Words<D>, data: D): string => (typeof text === 'string' ? text : text(data))
