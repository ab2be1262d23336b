/** What the screens of this folder say, in English. */

// goTo
export const inputNotDisabledTextareaNot =
  'input:not([disabled]), textarea:not([disabled]), button:not([disabled]), [tabindex="0"]'

// Ledger
export const hide = 'hide'
export const show = 'show'
export const ledgerOfFindings = 'Ledger of findings'
export const ledger = 'Ledger'
export const noRuleHasSpokenYet = 'No rule has spoken yet: choose a restraint mode.'
export const stillToDo = (count: number, stages: string) => `${count} still to do: ${stages}`
export const ruleHolds = 'rule holds'
export const rulesHold = 'rules hold'
export const advice = 'advice'
export const why = (why: string) => `Why: ${why}`
export const measured = 'Measured'
export const limit = 'Limit'
export const margin = 'Margin'
export const source = 'Source'
export const stopsTheFitting = ', stops the fitting'
export const putRightBeforeTravel = ', correct before travel'
export const advice2 = ', advice'
export const rule = 'Rule'
export const open = (stageText: string) => `Open ${stageText}`
export const findings = 'Findings'
