import type { Case } from './case.ts'
import type { Changed } from './put.ts'

const same = (a: unknown, b: unknown): boolean => JSON.stringify(plain(a)) === JSON.stringify(plain(b))

/** A value without its places in the order of entry, its keys in one order: what it says, not when. */
function plain(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(plain)
  if (typeof value !== 'object' || value === null) return value ?? null
  return Object.fromEntries(
    Object.entries(value)
      .filter(([key, inner]) => key !== 'at' && key !== 'was' && inner !== undefined)
      .toSorted(([a], [b]) => (a < b ? -1 : 1))
      .map(([key, inner]) => [key, plain(inner)]),
  )
}

const BY_FIELD = ['child', 'settings', 'readings', 'stepsDone'] as const

/** What a later case says otherwise than an earlier one, field by field: for comparing revisions. */
export function compareCases(earlier: Case, later: Case): readonly Changed[] {
  const changes: Changed[] = []
  const look = (path: readonly string[], from: unknown, to: unknown): void => {
    if (!same(from, to)) changes.push({ path, from: from ?? null, to: to ?? null })
  }
  look(['today'], earlier.today, later.today)
  for (const root of BY_FIELD) {
    const a = (earlier[root] ?? {}) as Readonly<Record<string, unknown>>
    const b = (later[root] ?? {}) as Readonly<Record<string, unknown>>
    for (const key of new Set([...Object.keys(a), ...Object.keys(b)])) look([root, key], a[key], b[key])
  }
  if (earlier.vehicle?.id === later.vehicle?.id) {
    for (const position of later.vehicle?.positions ?? []) {
      const before = earlier.vehicle?.positions.find((p) => p.id === position.id) as Record<string, unknown> | undefined
      const now = position as Readonly<Record<string, unknown>>
      for (const key of new Set([...Object.keys(before ?? {}), ...Object.keys(now)]))
        look(['vehicle', position.id, key], before?.[key], now[key])
    }
  } else look(['vehicle'], earlier.vehicle, later.vehicle)
  look(['choice'], earlier.choice, later.choice)
  look(['practice'], earlier.practice, later.practice)
  look(['localRule'], earlier.localRule, later.localRule)
  return changes
}
