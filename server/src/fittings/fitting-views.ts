import {
  assess,
  massOf,
  modelName,
  statureOf,
  vehicleName,
  type Case,
  type FittingSummary,
  type FittingView,
  type GrowthReading,
  type Verdict,
} from '@nimble-anchor/core'
import type { FittingRow } from '../storage/entities'

export const SUMMARY_LIMIT = 200
export const keyOf = (path: readonly string[]): string => path.join('/')

export function toView(row: FittingRow): FittingView {
  return {
    id: row.id,
    status: row.status,
    sequence: row.sequence,
    createdAt: row.createdAt,
    updatedAt: row.updatedAt,
    revises: row.revises ?? null,
    case: row.current as Case,
  }
}

interface Judged {
  /** The columns beside a case: what lists show of it. */
  readonly columns: Pick<FittingRow, 'current' | 'verdict' | 'headline' | 'childName' | 'vehicleName' | 'restraintName'>
  readonly decidedBy: string | null
}

export function judge(c: Case): Judged {
  const { verdict, headline, decidedBy } = assess(c)
  return { columns: columnsOf(c, verdict, headline), decidedBy: decidedBy?.ruleId ?? null }
}

function columnsOf(c: Case, verdict: Verdict, headline: string): Judged['columns'] {
  const model = c.restraints.find((m) => m.id === c.choice.modelId)
  return {
    current: c,
    verdict,
    headline,
    childName: [c.child.name, c.child.familyName].filter(Boolean).join(' '),
    vehicleName: c.vehicle ? vehicleName(c.vehicle) : null,
    restraintName: model ? modelName(model) : null,
  }
}

export const SUMMARY_COLUMNS = [
  'id',
  'status',
  'createdAt',
  'updatedAt',
  'verdict',
  'headline',
  'childName',
  'vehicleName',
  'restraintName',
  'revises',
] as const satisfies readonly (keyof FittingSummary)[]

/** An imported case keeps its own order; new entries come after it. */
export function highestSequence(c: Case): number {
  const stamps = [...Object.values(c.settings), ...Object.values(c.readings), ...Object.values(c.disturbances)].map(
    (x) => x?.at ?? 0,
  )
  return Math.max(0, c.choice.at, ...stamps)
}

/** What the child of a fitting measured, on the day it was taken or else the fitting's; `undefined` when nothing was. */
export function toReading(fittingId: string, c: Case): GrowthReading | undefined {
  const massKg = massOf(c.child)
  const statureCm = statureOf(c.child)
  if (!massKg && !statureCm) return undefined
  const on = c.child.statureCm?.on ?? c.child.massKg?.on ?? c.today
  return { fittingId, on, ...(massKg && { massKg }), ...(statureCm && { statureCm }) }
}
