/** Lower-cases the first letter for use inside a sentence, but leaves ISOFIX and UN alone. */
export const lowerFirst = (text: string): string =>
  /^[A-Z][a-z’ ]/.test(text) ? text.charAt(0).toLowerCase() + text.slice(1) : text
export const upperFirst = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)
