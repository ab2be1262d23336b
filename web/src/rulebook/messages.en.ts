/** What the screens of this folder say, in English. */

// RuleBookPage
export const stopsTheFitting = 'stops the fitting'
export const putRightBeforeTravel = 'correct before travel'
export const notUsedYet = 'not used yet'
export const decidedInAfter = (fittings: number, noun: string, entries: string) =>
  `decided in ${fittings} ${noun}, after ${entries}`
export const ruleBookNimbleAnchor = 'Rule book · Nimble Anchor'
export const ruleBook = 'Rule book'
export const findARule = 'Find a rule'
export const source = 'Source'
export const weight = 'Weight'
export const allDrawings = 'All drawings'
export const ofRules = (count: number, count2: number) => `${count} of ${count2} rules`
export const nothingInTheBookHas = 'Nothing in the book has all of these words.'
export const stage = 'Stage'
export const limits = 'Limits'
export const inTheLog = 'In the log'
export const id = 'Id'
export const everyRuleSaysPassFail =
  'Every rule says pass, fail or undecided; undecided is never a pass. Where a handbook’s own figure or a practice school decides, the finding names it as its source.'
export const close = 'Close'
export const fitting = 'fitting'
export const fittings = 'fittings'

// DrawingsPage
export const drawingsNimbleAnchor = 'Drawings · Nimble Anchor'
export const steps = 'Steps'
export const checks = 'Checks'
export const settings = 'Settings'
export const drawings = 'Drawings'
export const magentaIsWhatTheHand =
  'Magenta is what the hand does or the eye looks at now. In a fitting each is drawn from that fitting: its sides, colours, notches and slots. Here a made-up one stands for all.'
export const toTheRules = 'To the rules'
export const findADrawing = 'Find a drawing'
export const noSuchDrawing = 'No such drawing'
export const noDrawingHasAllOf = 'No drawing has all of these words.'
