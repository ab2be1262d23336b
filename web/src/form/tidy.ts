/**
 * A document without what is not stated: empty text, numbers that are none and
 * objects that hold nothing go. Lists stay: an empty one says that there are none.
 */
export function tidy(value: unknown): unknown {
  if (value === null || value === undefined) return undefined
  if (typeof value === 'number') return Number.isNaN(value) ? undefined : value
  if (typeof value === 'string') return value.trim() === '' ? undefined : value.trim()
  // A row that was added and not filled in stays: left out, an emptied list would say that there are none.
  if (Array.isArray(value))
    return value.map((item) => tidy(item) ?? (isRecord(item) ? {} : undefined)).filter((x) => x !== undefined)
  if (typeof value === 'object') {
    const entries = Object.entries(value)
      .map(([key, inner]) => [key, tidy(inner) ?? (isEmptyPart(key, inner) ? {} : undefined)] as const)
      .filter(([, inner]) => inner !== undefined)
    return entries.length === 0 ? undefined : Object.fromEntries(entries)
  }
  return value
}

/** Parts of which it was said that they are there: with nothing filled in they stay, so that the schema asks for it. */
const PARTS: ReadonlySet<string> = new Set([
  'isofix', 'belt', 'leg', 'topTether', 'lowerTethers', 'reboundBar', 'angleProof', 'turns', 'wedge', 'carryHandle',
  'tether', 'floor', 'lock', 'adjuster', 'approval',
]) // prettier-ignore
const isEmptyPart = (key: string, value: unknown): boolean =>
  PARTS.has(key) && typeof value === 'object' && value !== null && !Array.isArray(value)

const LOCK_FIELDS: Record<string, readonly string[]> = {
  'lock-off': ['section', 'side'],
  'locking-clip': ['fromTongueMm', 'section', 'neededWith'],
}

/** Fields that belong to another kind of the same part go with the kind that was left. */
export function tidyModel(draft: unknown): unknown {
  const model = withIds(tidy(draft)) as { modes?: Record<string, unknown>[] } | undefined
  for (const mode of model?.modes ?? []) {
    const approval = mode.approval as Record<string, unknown> | undefined
    if (approval?.regulation === 'R129') {
      delete approval.groups
      delete approval.approvedYear
    }
    const adjuster = (mode.strap as { adjuster?: Record<string, unknown> } | undefined)?.adjuster
    if (adjuster?.kind === 'slots') {
      delete adjuster.fromMm
      delete adjuster.toMm
    } else if (adjuster) delete adjuster.heightsMm
    for (const route of (mode.routes as Record<string, unknown>[] | undefined) ?? []) {
      const lock = (route.belt as { lock?: Record<string, unknown> } | undefined)?.lock
      if (!lock) continue
      const own = LOCK_FIELDS[String(lock.kind)] ?? []
      for (const key of Object.keys(lock)) if (key !== 'kind' && !own.includes(key)) delete lock[key]
    }
  }
  return model
}

/** Lists whose entries have an id that nobody types, and what it begins with. */
const NUMBERED: Readonly<Record<string, string>> = {
  proofs: 'proof',
  locks: 'lock',
  parts: 'part',
  steps: 'step',
  widthSettings: 'width',
}

/** Gives an id to what was added without one; what has one keeps it, since readings name it. */
function withIds(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(withIds)
  if (!isRecord(value)) return value
  return Object.fromEntries(
    Object.entries(value).map(([key, inner]) => {
      const stem = NUMBERED[key]
      if (key === 'proof' && isRecord(inner)) return [key, { id: 'shown', ...inner }]
      if (stem === undefined || !Array.isArray(inner)) return [key, withIds(inner)]
      const taken = new Set(inner.map((item) => (isRecord(item) ? item.id : undefined)))
      let n = 0
      const next = (): string => {
        do n += 1
        while (taken.has(`${stem}-${n}`))
        return `${stem}-${n}`
      }
      return [
        key,
        inner.map((item) => withIds(isRecord(item) && item.id === undefined ? { id: next(), ...item } : item)),
      ]
    }),
  )
}

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** A quantity that was typed has been measured, unless it says otherwise. */
export function tidyVehicle(draft: unknown): unknown {
  const sourced = (value: unknown): unknown => {
    if (Array.isArray(value)) return value.map(sourced)
    if (!isRecord(value)) return value
    const inner = Object.fromEntries(Object.entries(value).map(([key, x]) => [key, sourced(x)]))
    const isQuantity =
      'value' in inner && Object.keys(inner).every((k) => ['value', 'plusMinus', 'source', 'on'].includes(k))
    return isQuantity && inner.source === undefined ? { ...inner, source: 'measured' } : inner
  }
  return sourced(tidy(draft))
}
