export {
  DEFAULT_PRACTICE,
  type PracticeProfile,
  practiceSchema,
  SCHOOL_TEXT,
  type SchoolQuestion,
  SCHOOLS,
} from './profile.ts'
