export { LAW, R44_GROUP_MASS_KG } from './limits.ts'
export { DEFAULT_LOCAL_RULE, LOCAL_RULES, localEndBounds, type LocalRule, localRuleSchema } from './local-rule.ts'
