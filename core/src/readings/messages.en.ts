/** What this folder says, in English. */

// schema
export const needsAnOptionOrWhat = 'needs an "option", or what it showed "before"'

// catalogue-lint
export const isNoChangeThatA = (change: string) => `"${change}" is no change that a maker may speak of`
export const isNoCheckAndNo = (id: string) => `"${id}" is no check and no step`
