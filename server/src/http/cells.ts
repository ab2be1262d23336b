/**
 * Cells of spreadsheets. One that a program would take for a formula is written
 * with an apostrophe before it: names come from outside. Some countries put
 * semicolons between cells, and read a comma's file so: what would begin a cell
 * or a line there is guarded too. Figures stay figures.
 */
const BEGINS = /(^|[;\n\r])('*)(?=[=+\-@\t])/g
const GUARDED = /(^|[;\n\r])'('*)(?=[=+\-@\t])/g
const FIGURE = /^-?\d+(\.\d+)?( -?\d+(\.\d+)?)*$/

export const guardCell = (text: string): string => (FIGURE.test(text) ? text : text.replace(BEGINS, "$1'$2"))
/** The same cell as it was before it was guarded. */
export const plainCell = (text: string): string => text.replace(GUARDED, '$1$2')
