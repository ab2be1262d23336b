/** What the screens of this folder say, in English. */

// CommandPalette
export const stages = 'Stages'
export const doWord = 'Do'
export const rulesThatSpeakHere = 'Rules that speak here'
export const goTo = 'Go to'
export const fittings = 'Fittings'
export const families = 'Families'
export const children = 'Children'
export const restraints = 'Restraints'
export const units = 'Units'
export const vehicles = 'Vehicles'
export const goToOrDo = 'Go to, or do'
export const goToAFittingA = 'Go to a fitting, a family, a stage, a rule; or do something'
export const nothingOfThatName = 'Nothing of that name.'

// KeyHelp
export const goToAnythingOrDo = 'Go to anything, or do anything'
export const thisList = 'This list'
export const moveBetweenFieldsAndOptions = 'Move between fields and options'
export const keys = 'Keys'
