import { assess, modelName, vehicleName, type Case, type FittingView } from '@nimble-anchor/core'
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
    case: row.current as Case,
  }
}

/** The columns beside a case: what lists show of it. */
export function columnsOf(
  c: Case,
): Pick<FittingRow, 'current' | 'verdict' | 'headline' | 'childName' | 'vehicleName' | 'restraintName'> {
  const { verdict, headline } = assess(c)
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

export const SUMMARY_COLUMNS = {
  id: true,
  status: true,
  createdAt: true,
  updatedAt: true,
  verdict: true,
  headline: true,
  childName: true,
  vehicleName: true,
  restraintName: true,
} as const

/** An imported case keeps its own order; new entries come after it. */
export function highestSequence(c: Case): number {
  const stamps = [...Object.values(c.settings), ...Object.values(c.readings), ...Object.values(c.disturbances)].map(
    (x) => x?.at ?? 0,
  )
  return Math.max(0, c.choice.at, ...stamps)
}
