import type { Decision, Interval } from '../quantities/index.ts'
import type { CheckId } from '../checks/index.ts'
import type { Need, Outcome, RawFinding, Rule, RuleSource, RuleStage, Severity } from './rule.ts'
import type { Read, RuleText, Said, Sentence } from './say.ts'
import { EN } from './texts.en.ts'

/** What every rule says in one language, by rule. */
export type RuleTexts = Readonly<Record<string, RuleText>>

function textOf(id: string, texts: RuleTexts): RuleText {
  const text = texts[id]
  if (text === undefined) throw new Error(`There is no text of the rule "${id}"`)
  return text
}
export const titleOf = (rule: Pick<Rule, 'id'>, texts: RuleTexts = EN): string => textOf(rule.id, texts).title
export const standsOnOf = (rule: Pick<Rule, 'id'>, texts: RuleTexts = EN): string => textOf(rule.id, texts).standsOn

/** A message of the rule's own, or one that all rules share; no rule has one of a shared name. */
function sentenceOf(said: Said, texts: RuleTexts): Sentence<unknown> {
  const own = textOf(said.rule ?? '', texts).says[said.message]
  const says = (own ?? textOf('shared', texts).says[said.message]) as Sentence<unknown> | undefined
  if (says === undefined) throw new Error(`The rule "${said.rule}" has no message "${said.message}"`)
  return says
}
/** A message inside another belongs to the same rule, unless it says which. */
const reader = (around: Said, texts: RuleTexts): Read => {
  const inner = (said: Said): Said => ({ ...said, rule: said.rule ?? around.rule ?? '' })
  return {
    reason: (said) => reasonFor(inner(said), texts),
    remedy: (said) => remedyFor(inner(said), texts),
  }
}
const reasonFor = (said: Said, texts: RuleTexts): string =>
  sentenceOf(said, texts).reason(said.data, reader(said, texts))
const remedyFor = (said: Said, texts: RuleTexts): string | undefined =>
  sentenceOf(said, texts).remedy?.(said.data, reader(said, texts))

/** Why an outcome is what it is, in a sentence. */
export const reasonOf = ({ says }: Outcome, texts: RuleTexts = EN): string => reasonFor(says, texts)

/** What to do about it: what the rule says, or else what the check that spoke does; `undefined` where nothing is to be done. */
export function remedyOf({ kind, says, check }: Outcome, texts: RuleTexts = EN): string | undefined {
  if (kind === 'pass') return undefined
  const putRight = check === undefined ? undefined : { rule: 'shared', message: 'put-right', data: { check } }
  return remedyFor(says, texts) ?? (putRight && remedyFor(putRight, texts))
}

/** One rule's word on one subject, in sentences: what the ledger shows. */
export interface Finding {
  readonly ruleId: string
  readonly title: string
  readonly stage: RuleStage
  readonly kind: Decision
  readonly severity: Severity
  readonly source: RuleSource
  readonly standsOn: string
  readonly reason: string
  readonly remedy?: string
  /** Why the rule is there, with this child's numbers; only with what does not hold. */
  readonly why?: string
  readonly measured?: Interval
  readonly limit?: number
  /** Both ends, where a measured value is held against a window. */
  readonly range?: { readonly from?: number | undefined; readonly to?: number | undefined }
  readonly wording?: 'at-least' | 'at-most'
  readonly margin?: number
  readonly unit?: string
  readonly missing?: readonly Need[]
  /** The check that decided, where the rule reads several. */
  readonly check?: CheckId
  /** The checks that the rule reads in this fitting. */
  readonly checks?: readonly CheckId[]
}

/** A finding is put into a sentence when somebody reads it, and once: most of them nobody does. */
export function toFinding({ rule, outcome }: RawFinding, texts: RuleTexts = EN): Finding {
  let said: string | undefined
  const { measured, limit, range, wording, margin, unit, check } = outcome
  const missing = outcome.kind === 'undecided' ? outcome.missing : undefined
  const remedy = remedyOf(outcome, texts)
  const finding: Writable<Finding> = {
    ruleId: rule.id,
    title: titleOf(rule, texts),
    stage: rule.stage,
    kind: outcome.kind,
    severity: outcome.severity ?? rule.severity,
    source: outcome.source ?? rule.source,
    standsOn: standsOnOf(rule, texts),
    get reason() {
      return (said ??= reasonOf(outcome, texts))
    },
  }
  // One by one, and not spread: an assessment is over a hundred of them, with every tap.
  if (remedy !== undefined) finding.remedy = remedy
  if (measured !== undefined) finding.measured = measured
  if (limit !== undefined) finding.limit = limit
  if (range !== undefined) finding.range = range
  if (wording !== undefined) finding.wording = wording
  if (margin !== undefined) finding.margin = margin
  if (unit !== undefined) finding.unit = unit
  if (missing !== undefined) finding.missing = missing
  if (check !== undefined) finding.check = check
  return finding
}
type Writable<T> = { -readonly [K in keyof T]: T[K] }
