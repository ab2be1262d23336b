/** What the screens of this folder say, in English. */

// NamedList
export const newFittingsStartWith = 'new fittings start with'
export const newFittingsStartWith2 = (legend: string) => `${legend}: new fittings start with`
export const newFittingsStartWith3 = (name: string) => `New fittings start with ${name}`

// LocalRules
export const untilAStatureOf = 'Until a stature of'
export const untilAnAgeOf = 'Until an age of'
export const untilAMassOf = 'Until a mass of'
export const localRule = (name: string) => `local rule “${name}”`
export const untilWhenAChildMust = 'Until when a child must use a restraint'
export const localRules = 'Local rules'
export const newFromThisOne = 'New, from this one'
export const copy = (name: string) => `${name}, copy`
export const nameOfTheRule = 'Name of the rule'
export const useOfUnR44Restraints = 'Use of UN R44 restraints'
export const notKnown = 'not known'
export const allowed = 'allowed'
export const notAfterADay = 'not after a day'
export const lastDayOfUseYear = 'Last day of use (year-month-day)'
export const whicheverIsReachedFirstEnds =
  'Whichever is reached first ends the duty. Confirm the rule with your authority: it is local law, and this program does not know where you are.'
export const saveThisRule = 'Save this rule'
export const discardChanges = 'Discard changes'
export const deleteWord = (name: string) => `Delete “${name}”`

// Profiles
export const needsAName = 'Needs a name'
export const practiceProfile = (name: string) => `practice profile “${name}”`
export const whereSchoolsDiffer = 'Where schools differ'
export const practiceProfiles = 'Practice profiles'
export const nameOfTheProfile = 'Name of the profile'
export const whomYouSendPeopleTo = 'Whom you send people to'
export const standsOnTheSheetTake = 'Stands on the sheet “Take this to a person”, beside where to ask as a rule.'
export const saveThisProfile = 'Save this profile'

// SettingsPage
export const settingsNimbleAnchor = 'Settings · Nimble Anchor'
export const settings = 'Settings'
export const aFittingTakesItsOwn =
  'A fitting takes its own copy when it begins. A maker’s instruction beats the profile; law beats both.'
export const aLeadChangesThem = ' A lead changes them.'
export const theServerDoesNotAnswer = 'The server does not answer'
export const tryAgain = 'Try again'
