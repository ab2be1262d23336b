import type { FieldSpec, PartSpec } from './spec.ts'

/** What a form's fields are called, by the path of each with every index as a star. */
export interface FormLabels {
  readonly fields: ReadonlyMap<string, string>
  /** Words for what a star stands for: "modes.*" is a mode. */
  readonly items: Readonly<Record<string, string>>
}

const under = (base: string, key: string): string => (base === '' ? key : `${base}.${key}`)

/** @param fields fields and parts by the path that they stand under */
export function formLabels(
  fields: readonly (readonly [base: string, specs: readonly FieldSpec[]])[],
  parts: readonly (readonly [base: string, specs: readonly PartSpec[]])[],
  items: Readonly<Record<string, string>>,
  more: Readonly<Record<string, string>> = {},
): FormLabels {
  const map = new Map<string, string>(Object.entries(more))
  for (const [base, specs] of fields) for (const spec of specs) map.set(under(base, spec.key), spec.label)
  for (const [base, specs] of parts)
    for (const part of specs) {
      map.set(under(base, part.key), part.label)
      for (const spec of part.fields) map.set(under(base, `${part.key}.${spec.key}`), `${part.label}: ${spec.label}`)
    }
  return { fields: map, items }
}

/** "statureCm" as "stature cm": a field that the form has no words for is still no code. */
const humbly = (key: string): string => key.replace(/([a-z])([A-Z])/g, '$1 $2').toLowerCase()

/** A form's path in its own words: "Mode 1, route 2: Name of the route". */
export function labelOf({ fields, items }: FormLabels, path: string): string {
  const parts = path.split('.')
  const stars: string[] = []
  const where: string[] = []
  for (const part of parts) {
    if (!/^\d+$/.test(part)) {
      stars.push(part)
      continue
    }
    stars.push('*')
    const item = items[stars.join('.')]
    if (item !== undefined)
      where.push(`${where.length === 0 ? item[0]?.toUpperCase() : item[0]}${item.slice(1)} ${Number(part) + 1}`)
  }
  // The longest path that has a name: of a part inside it, the part's own key is said.
  for (let length = stars.length; length > 0; length -= 1) {
    const label = fields.get(stars.slice(0, length).join('.'))
    if (label === undefined) continue
    const rest = stars
      .slice(length)
      .filter((p) => p !== '*')
      .map(humbly)
    const what = [label, ...rest].join(', ')
    return where.length === 0 ? what : `${where.join(', ')}: ${what}`
  }
  const last = stars.findLast((p) => p !== '*') ?? path
  return where.length === 0 ? humbly(last) : `${where.join(', ')}: ${humbly(last)}`
}
