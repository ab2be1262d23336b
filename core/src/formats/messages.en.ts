/** What this folder says, in English. */

// catalogue
export const isUsedTwice = (id: string) => `"${id}" is used twice`
export const nimbleAnchorCatalogue = 'Nimble Anchor catalogue'

// spreadsheet
export const model = 'model'
export const mode = 'mode'
export const route = 'route'
export const unit = 'unit'
export const vehicle = 'vehicle'
export const position = 'position'
export const got = (message: string, found: string) => `${message}, got "${found}"`
export const mustBeANumber = 'must be a number'
export const mustBeTrueOrFalse = 'must be true or false'
export const mustBeNumbersWithSpaces = 'must be numbers with spaces between'
export const mustBeJson = 'must be JSON'
export const isNotAColumnOf = (table: string) => `is not a column of the table of ${table}`
export const standsTwice = 'stands twice'
export const isMissing = 'is missing'
export const standsOnRowAlready = (row: number) => `stands on row ${row} already`
export const rowSays = (row: number, text: string) => `row ${row} says "${text}"`

// reading
export const rowsFollowAFileHolds = (count: number, mostRows: number) =>
  `${count} rows follow; a file holds at most ${mostRows}`
export const standInItAFile = (count: number, kind: string, most: number) =>
  `${count} ${kind} stand in it; a file holds at most ${most}`
export const rowAndColumn = (row: number, column: string) => `row ${row}, column ${column}`
