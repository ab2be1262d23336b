import { chosenEdges } from '../casefile/index.ts'
import { type CheckId } from '../checks/index.ts'
import { edgesOf, type Settings } from '../readings/index.ts'
import { RULES, type FittedSubject, type RawFinding, findingOf } from '../rules/index.ts'

/** Plain values of the settings, without their places in the order of entry. */
export type SettingValues = { readonly [K in keyof Settings]?: NonNullable<Settings[K]>['value'] | undefined }

const isSame = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b)

/** The checks that have to be made again once these settings are changed, by the usual edges or the maker's own. */
export function unpassedBy(s: FittedSubject, changed: readonly (keyof Settings)[]): ReadonlySet<string> {
  const own = chosenEdges(s)
  return new Set(changed.flatMap((id) => edgesOf(id, own)))
}

/**
 * The fitting as it would be with other settings. What has been looked at and
 * depends on a setting that would change is as if nobody had looked.
 */
export function whatIf(s: FittedSubject, values: SettingValues): FittedSubject {
  const changed = (Object.keys(values) as (keyof Settings)[]).filter((id) => !isSame(s.settings[id]?.value, values[id]))
  if (changed.length === 0) return s
  const settings: Record<string, unknown> = { ...s.settings }
  for (const id of changed) {
    if (values[id] === undefined) delete settings[id]
    else settings[id] = { value: values[id], at: s.settings[id]?.at ?? 0 }
  }
  const again = unpassedBy(s, changed)
  return {
    ...s,
    settings: settings as Settings,
    look: (id: CheckId) => (again.has(id) ? {} : s.look(id)),
    doneAt: (id) => (again.has(id) ? undefined : s.doneAt(id)),
    noted: s.noted.filter((id) => !again.has(id)),
    asked: undefined,
  }
}

const BY_ID = new Map(RULES.map((r) => [r.id, r]))

/**
 * One rule's word on a fitting, or `undefined` where it does not apply.
 *
 * @throws Error when there is no such rule.
 */
export function askRule(id: string, s: FittedSubject): RawFinding | undefined {
  const rule = BY_ID.get(id)
  if (rule === undefined) throw new Error(`No rule "${id}"`)
  return findingOf(rule, s)
}
