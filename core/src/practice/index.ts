export {
  DEFAULT_LOCAL_RULE,
  DEFAULT_PRACTICE,
  LOCAL_RULES,
  localEndBounds,
  type LocalRule,
  localRuleSchema,
  type PracticeProfile,
  practiceSchema,
  SCHOOL_TEXT,
  type SchoolQuestion,
  SCHOOLS,
} from './profile.ts'
