import type { Role } from '@nimble-anchor/core/formats'
import * as msg from './messages.en.ts'

/** What each may do, for whoever chooses one. */
export const ROLE_TEXT: Readonly<Record<Role, string>> = {
  lead: msg.leadAlsoCataloguePracticePeople,
  fitter: msg.fitterFitsAndSigns,
  trainee: msg.traineeFitsAnotherSignsToo,
  reader: msg.readerLooksExportsWithoutNames,
}
export const ROLE_WORD: Readonly<Record<Role, string>> = { lead: 'lead', fitter: 'fitter', trainee: 'trainee', reader: 'reader' } // prettier-ignore
