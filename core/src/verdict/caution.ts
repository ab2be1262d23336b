import * as msg from './messages.en.ts'
/** Stands wherever a verdict is shown. */
export const CAUTION = msg.thisIsAWorkingAid
