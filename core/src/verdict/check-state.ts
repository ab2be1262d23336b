import type { Case } from '../casefile/index.ts'
import { optionOf, type CheckId } from '../checks/index.ts'
import type { Decision } from '../quantities/index.ts'
import type { RuleSource } from '../rules/index.ts'
import type { Assessment } from './assess.ts'

type CheckState = Decision | 'stale' | 'not-started'

/** How one check stands: what the rules that ask for it make of its reading. */
export function checkState(id: CheckId, { readings }: Case, { stale, findings }: Assessment): CheckState {
  if (stale.some((s) => s.checkId === id)) return 'stale'
  const reading = readings[id]
  if (reading === undefined) return 'not-started'
  const need = `check.${id}` as const
  const about = findings.filter((f) => f.checks?.includes(id))
  if (about.some((f) => f.kind === 'undecided' && f.missing?.includes(need))) return 'undecided'
  if (reading.option !== undefined) {
    const means = optionOf(id, reading.option)?.means
    if (means === 'pass' || means === 'fail' || means === 'undecided') return means
  }
  if (about.some((f) => f.kind === 'fail')) return 'fail'
  return about.some((f) => f.kind === 'undecided') ? 'undecided' : 'pass'
}

/** What a measured check is held against; an end that is not stated is absent. */
export interface CheckLimit {
  readonly from?: number | undefined
  readonly to?: number | undefined
  readonly unit: string
  readonly source: RuleSource
}

/** The limit of a measured check in this fitting, before and after it is measured; `undefined` where no rule has one. */
export function limitOf(id: CheckId, { findings }: Assessment): CheckLimit | undefined {
  const held = findings.find((f) => f.checks?.includes(id) && f.limit !== undefined && f.wording !== undefined)
  if (held?.unit === undefined) return undefined
  const { range, limit, wording, unit, source } = held
  return { ...(range ?? (wording === 'at-least' ? { from: limit } : { to: limit })), unit, source }
}
