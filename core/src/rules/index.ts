export { REFERRED_UNTIL_MONTHS } from './choose/specialist-advice.ts'
export { unreadIn } from './stated.ts'
export { partAsked } from './stated.en.ts'
export {
  type AnyRule,
  type Bound,
  defineRule,
  findingOf,
  type FittedSubject,
  type GrowingQuantity,
  isOfScope,
  judge,
  type Look,
  missingIn,
  type ModeSubject,
  type Need,
  type NotApplicable,
  type Outcome,
  type PlaceSubject,
  rangeBounds,
  type RawFinding,
  type RouteSubject,
  type Rule,
  RULE_STAGES,
  type RuleSource,
  type Scope,
  type ScopeSubject,
  SEVERITY_RANK,
  severityOf,
} from './rule.ts'
export { RETIRED_RULES, standingRuleId } from './retired.ts'
export { ruleText, type RuleText } from './say.ts'
export { type Finding, reasonOf, remedyOf, type RuleTexts, standsOnOf, titleOf, toFinding } from './speak.ts'
export { decider, SOURCE_WORD } from './source.en.ts'
export { RULES } from './book.ts'
export { isLowerBound, refusalInTime, valueNow } from './bounds.ts'
export { ruleBookMarkdown } from './markdown.ts'
export { rulePageMarkdown } from './rule-page.en.ts'
export { angleNow } from './angle-now.ts'
export { angleProofSeen } from './angle-proof.ts'
export { frontRoomNow } from './front-room-now.ts'
export { isISizeAtISize, listingOf } from './listing.ts'
export { airbagAsked } from './airbag.ts'
export { makerStepsIn, notedAs, pairsIn } from './maker-steps.ts'
