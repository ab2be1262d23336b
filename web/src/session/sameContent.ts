/**
 * Whether two plain documents hold the same, whatever object they are: the
 * server's answer to an entry is the entry as it was shown, in a new object.
 */
export function isSameContent(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false
  if (Array.isArray(a) !== Array.isArray(b)) return false
  // A field that is absent and one that is undefined are the same in a file.
  const keys = new Set([...Object.keys(a), ...Object.keys(b)])
  return [...keys].every((key) => isSameContent((a as Fields)[key], (b as Fields)[key]))
}
type Fields = Readonly<Record<string, unknown>>
