import type { Role } from '@nimble-anchor/core/formats'

/** What each may do, for whoever chooses one. */
export const ROLE_TEXT: Readonly<Record<Role, string>> = {
  lead: 'Lead: also catalogue, practice, people, erasing',
  fitter: 'Fitter: fits and signs',
  trainee: 'Trainee: fits; another signs too',
  reader: 'Reader: looks, exports without names',
}
export const ROLE_WORD: Readonly<Record<Role, string>> = { lead: 'lead', fitter: 'fitter', trainee: 'trainee', reader: 'reader' } // prettier-ignore
