export { DEFAULT_PRACTICE, type PracticeProfile, practiceSchema, type SchoolQuestion, SCHOOLS } from './profile.ts'
export { SCHOOL_TEXT } from './profile.en.ts'
