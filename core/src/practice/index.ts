export {
  type Contact,
  CONTACT_MOST,
  CONTACTS,
  DEFAULT_PRACTICE,
  type PracticeProfile,
  practiceSchema,
  type SchoolQuestion,
  SCHOOLS,
} from './profile.ts'
export { SLACK_MM, STEADY_WITHIN_MM, STRICT_CROWN_MM } from './figures.ts'
export { CONTACT_TEXT, SCHOOL_TEXT } from './profile.en.ts'
