import { type FittingId } from '@nimble-anchor/core/ground'
import { chosenIn, type Case } from '@nimble-anchor/core/casefile'
import { massOf, statureOf } from '@nimble-anchor/core/child'
import { type FittingSummary, type FittingView, type GrowthReading } from '@nimble-anchor/core/formats'
import { modelName, routeKindOf } from '@nimble-anchor/core/restraint'
import { type Finding } from '@nimble-anchor/core/rules'
import { vehicleName } from '@nimble-anchor/core/vehicle'
import { judgeCase, openStage, type Judgement } from '@nimble-anchor/core/verdict'
import type { FittingRow } from '../storage/entities'

export const SUMMARY_LIMIT = 200

export function toView(row: FittingRow): FittingView {
  return {
    id: row.id,
    status: row.status,
    sequence: row.sequence,
    createdAt: row.createdAt,
    updatedAt: row.updatedAt,
    revises: row.revises ?? null,
    elsewhere: Boolean(row.elsewhere),
    holderId: row.holderId ?? null,
    case: row.current as Case,
  }
}

type Columns = Pick<
  FittingRow,
  | 'current'
  | 'verdict'
  | 'headline'
  | 'stage'
  | 'childName'
  | 'vehicleName'
  | 'restraintName'
  | 'vehicleId'
  | 'modelId'
  | 'unitId'
  | 'routeKind'
>
interface Judged {
  /** The columns beside a case: what lists show of it, and count by. */
  readonly columns: Columns
  readonly decidedBy: string | null
  readonly refusals: readonly Finding[]
}

export function judge(c: Case): Judged {
  const judgement = judgeCase(c)
  return {
    columns: columnsOf(c, judgement),
    // The rule book counts what decided against a fitting; "ready" rests on all of them.
    decidedBy: judgement.verdict === 'ready' ? null : (judgement.decidedBy?.ruleId ?? null),
    refusals: judgement.refusals,
  }
}

function columnsOf(c: Case, judgement: Judgement): Columns {
  const { model, mode, route } = chosenIn(c)
  return {
    current: c,
    verdict: judgement.verdict,
    headline: judgement.headline,
    stage: c.handover ? 'hand-over' : openStage(judgement),
    childName: [c.child.name, c.child.familyName].filter(Boolean).join(' '),
    vehicleName: c.vehicle ? vehicleName(c.vehicle) : null,
    restraintName: model ? modelName(model) : null,
    vehicleId: c.vehicle?.id ?? null,
    modelId: c.choice.modelId ?? null,
    unitId: c.choice.unitId ?? null,
    routeKind: mode && route ? routeKindOf(mode, route) : null,
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
  'number',
  'stage',
  'arrivedInstalled',
  'elsewhere',
  'holderId',
] as const satisfies readonly (keyof FittingSummary)[]

/** What the child of a fitting measured, on the day it was taken or else the fitting's; `undefined` when nothing was. */
export function toReading(fittingId: FittingId, c: Case): GrowthReading | undefined {
  const massKg = massOf(c.child)
  const statureCm = statureOf(c.child)
  if (!massKg && !statureCm) return undefined
  const on = c.child.statureCm?.on ?? c.child.massKg?.on ?? c.today
  return { fittingId, on, ...(massKg && { massKg }), ...(statureCm && { statureCm }) }
}

/** A row of a plain query as the summary that it stands for: SQLite has no booleans. */
export const toSummary = <T extends { arrivedInstalled: unknown; elsewhere: unknown }>(
  row: T,
): T & { arrivedInstalled: boolean; elsewhere: boolean } => ({
  ...row,
  arrivedInstalled: Boolean(row.arrivedInstalled),
  elsewhere: Boolean(row.elsewhere),
})
