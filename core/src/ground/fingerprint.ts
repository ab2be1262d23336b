type Json = Record<string, unknown>

/** The document as one text, whatever the order of its fields; what is absent and what is `undefined` are one. */
function canonical(x: unknown): string {
  if (Array.isArray(x)) return `[${x.map(canonical).join()}]`
  if (typeof x !== 'object' || x === null) return JSON.stringify(x) ?? 'null'
  const fields = Object.entries(x as Json).filter(([, v]) => v !== undefined)
  const inOrder = fields.toSorted((one, other) => (one[0] < other[0] ? -1 : 1))
  const texts = inOrder.map(([key, v]) => `${JSON.stringify(key)}:${canonical(v)}`)
  return `{${texts.join()}}`
}

/**
 * Tells two states of a document apart, so that whoever changes it can say which
 * one he saw: 14 hexadecimal digits (53 bits; the mixing of Bryc's cyrb53, public
 * domain). Against chance, not against malice.
 */
export function fingerprint(document: unknown): string {
  const text = canonical(document)
  let h1 = 0xdeadbeef
  let h2 = 0x41c6ce57
  for (let i = 0; i < text.length; i += 1) {
    const unit = text.charCodeAt(i)
    h1 = Math.imul(h1 ^ unit, 2654435761)
    h2 = Math.imul(h2 ^ unit, 1597334677)
  }
  h1 = Math.imul(h1 ^ (h1 >>> 16), 2246822507) ^ Math.imul(h2 ^ (h2 >>> 13), 3266489909)
  h2 = Math.imul(h2 ^ (h2 >>> 16), 2246822507) ^ Math.imul(h1 ^ (h1 >>> 13), 3266489909)
  return (4294967296 * (2097151 & h2) + (h1 >>> 0)).toString(16).padStart(14, '0')
}
