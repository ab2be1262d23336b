/** What this folder says, in English. */

// schema
export const needsAnOptionOrWhat = 'needs an "option", or what it showed "before"'

// catalogue-lint
export const isNoChangeThatA = (change: string) => `"${change}" is not a change that a maker can name`
export const isNoCheckAndNo = (id: string) => `"${id}" is neither a check nor a step`
