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
export { CONTACT_TEXT, SCHOOL_TEXT } from './profile.en.ts'
