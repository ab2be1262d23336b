/** What this folder says, in English. */

// parse
export const isNotAKnownField = 'is not a known field'
export const mustBe = (expected: string) => `must be ${expected}`
export const isMissing = (expected: string) => `is missing; must be ${expected}`
export const mustBeOneOf = (values: string) => `must be one of ${values}`
export const mustBeADayAs = 'must be a day as YYYY-MM-DD'
export const aNumber = 'a number'
export const aWholeNumber = 'a whole number'
export const trueOrFalse = 'true or false'
export const aList = 'a list'
export const anObject = 'an object'
export const aDay = 'a day'
export const mustBeOfSize = {
  atLeast: (limit: number) => `must be at least ${limit}`,
  atMost: (limit: number) => `must be at most ${limit}`,
}
const counted = (count: number, of: 'characters' | 'items') => {
  const one = of === 'characters' ? 'character' : 'item'
  return `${count} ${count === 1 ? one : `${one}s`}`
}
export const mustHold = {
  atLeast: (limit: number, of: 'characters' | 'items') => `must hold at least ${counted(limit, of)}`,
  atMost: (limit: number, of: 'characters' | 'items') => `must hold at most ${counted(limit, of)}`,
}

// names
export const mustBeLowerCaseLetters = 'must be lower-case letters, digits and hyphens, 1 to 63 long'

// ids
export const isNo = (kind: string, raw: string, why: string) => `"${raw}" is no ${kind}: ${why}`
