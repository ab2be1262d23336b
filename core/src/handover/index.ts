export { CARER_TRIED_TEXT } from './carer-tried.en.ts'
export { type Remembered, settingsToRemember } from './remember.ts'
export { CASE_TEXT_BYTES, caseText, utf8Length } from './case-text.ts'
export { personSheet, personSheetText, type SheetSection } from './person-sheet.ts'
