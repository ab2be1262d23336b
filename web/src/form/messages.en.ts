/** What the screens of this folder say, in English. */

// useFields
export const thatDidNotWork = 'That did not work.'

// LeaveGuard
export const leaveWithoutKeepingIt = 'Leave without keeping it?'
export const stayHere = 'Stay here'
export const leaveAndLoseIt = 'Leave, and lose it'
export const notKeptYet = (forms: string) => `Not kept yet: ${forms}.`

// ExportLinks
export const exportWord = ' Export'

// fields
export const notReadYet = 'not read yet'
export const yes = 'yes'
export const no = 'no'
export const notStated = 'not stated'
export const choose = 'choose'

// useEntry
export const nimbleAnchor = (title: string) => `${title} · Nimble Anchor`
export const undo = 'Undo'
export const saved = (nameOf: string) => `${nameOf} saved.`
export const removed = (title: string) => `${title} removed.`

// EntryParts
export const oneFieldIsNotValid = 'One field is not valid'
export const fieldsAreNotValid = (count: number) => `${count} fields are not valid`
export const stillNeeded = 'Still needed'
export const andMore = (count: number) => `and ${count} more`
export const notKnownYet = 'Not known yet'
export const aLeadKeepsTheCatalogue = 'A lead keeps the catalogue.'
export const discardChanges = 'Discard changes'
export const remove = 'Remove'

// parts
export const none = 'none'
export const itHasOne = 'it has one'
export const lookedAt = 'looked at'
export const remove2 = (title: string, number: number) => `Remove ${title}, ${number}`
export const thereAreNone = 'There are none.'
export const notReadYet2 = 'Not read yet.'
export const notReadYet3 = 'Not read yet'
export const thereAreNone2 = 'There are none'

// JsonEditor
export const notJson = (why: string) => `Not JSON: ${why}`
export const theEntryAsJson = 'The entry as JSON'
export const takeIntoTheForm = 'Take into the form'

// Sections
export const wrong = ' wrong'
export const part = (name: string) => `Part: ${name}`
