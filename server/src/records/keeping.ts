import { type AheadItem } from '@nimble-anchor/core/ahead'
import { type Case, type Changed } from '@nimble-anchor/core/casefile'
import { CHECKS, type CheckId } from '@nimble-anchor/core/checks'
import { type Finding } from '@nimble-anchor/core/rules'
import { type Stage } from '@nimble-anchor/core/verdict'
import type { EntityManager } from 'typeorm'
import type { FittingRow } from '../storage/entities'

/** What is kept beside a fitting so that the day, the logbook and its charts need not read every case. */

/** Stages at which a failure is a failed check, not a choice that was refused. */
const CHECKED_STAGES: ReadonlySet<string> = new Set(['set-up', 'attach', 'child-in'])

/** The checks of an entry that nobody had looked at before. */
const firstLooks = (changes: readonly Changed[]): ReadonlySet<string> =>
  new Set(
    changes.filter((c) => c.path[0] === 'readings' && c.from === null && c.to !== null).map((c) => c.path[1] ?? ''),
  )

/** Notes each rule that refuses the fitting now, once; what was wrong at the first look is marked so. */
export async function keepFaults(
  manager: EntityManager,
  row: Pick<FittingRow, 'id' | 'updatedAt' | 'arrivedInstalled'>,
  changes: readonly Changed[],
  findings: readonly Finding[],
): Promise<void> {
  const looked = firstLooks(changes)
  for (const f of findings) {
    if (f.kind !== 'fail' || f.severity === 'advise' || !CHECKED_STAGES.has(f.stage)) continue
    const onArrival = row.arrivedInstalled && (f.checks ?? []).some((id) => looked.has(id))
    await manager.query(`INSERT OR IGNORE INTO "fitting_fault" VALUES (?, ?, ?, ?)`, [row.id, f.ruleId, row.updatedAt, onArrival ? 1 : 0]) // prettier-ignore
  }
}

/** A slip that is taken back was no fault of the fitting: what its entry found wrong is forgotten. */
export async function dropFaultsOf(manager: EntityManager, fittingId: string, enteredAt: string): Promise<void> {
  await manager.query(`DELETE FROM "fitting_fault" WHERE "fittingId" = ? AND "at" = ?`, [fittingId, enteredAt])
}

const STAGE_OF_FIELD: Record<string, Stage> = {
  child: 'measure',
  choice: 'place',
  restraints: 'choose',
  units: 'choose',
  practice: 'choose',
  localRule: 'choose',
  vehicle: 'place',
  settings: 'set-up',
  disturbances: 'attach',
  stepsDone: 'attach',
  handover: 'hand-over',
}

/** The stage in which an entry was made; of a choice of mode it is Choose, of a place Place. */
export function stageOfEntry(changes: readonly Changed[]): Stage | undefined {
  const roots = new Set(changes.map((c) => c.path[0] ?? ''))
  const reading = changes.find((c) => c.path[0] === 'readings')
  if (reading) return CHECKS[reading.path[1] as CheckId].stage
  if (roots.has('restraints')) return 'choose'
  const root = [...roots].find((r) => r in STAGE_OF_FIELD)
  return root === undefined ? undefined : STAGE_OF_FIELD[root]
}

/** A pause longer than this was no work on this fitting: another family, or lunch. Our own figure. */
const MOST_SECONDS = 10 * 60

/** Adds the time since the entry before to the stage of this one. */
export async function keepStageTime(
  manager: EntityManager,
  fittingId: string,
  changes: readonly Changed[],
  before: string,
  now: string,
): Promise<void> {
  const stage = stageOfEntry(changes)
  const seconds = Math.round((Date.parse(now) - Date.parse(before)) / 1000)
  if (stage === undefined || seconds <= 0 || seconds > MOST_SECONDS) return
  await manager.query(
    `INSERT INTO "fitting_stage" VALUES (?, ?, ?) ON CONFLICT DO UPDATE SET "seconds" = "seconds" + excluded."seconds"`,
    [fittingId, stage, seconds],
  )
}

/** Everything by which somebody may look for a fitting. */
export function searchText(
  c: Case,
  row: Pick<FittingRow, 'childName' | 'vehicleName' | 'restraintName' | 'fitter' | 'number'>,
): string {
  const unit = c.units?.find((u) => u.id === c.choice.unitId)
  const position = c.vehicle?.positions.find((p) => p.id === c.choice.positionId)
  return [
    row.number, row.childName, c.child.note, row.vehicleName, c.vehicle?.plate, position?.label, row.restraintName,
    unit?.serial, row.fitter, c.handover?.fitterName, c.handover?.carerName,
    c.handover?.againstAdvice && `left against advice ${c.handover.againstAdvice.reason}`,
  ].filter(Boolean).join(' ') // prettier-ignore
}

export async function keepSearch(manager: EntityManager, number: number, text: string, isNew: boolean): Promise<void> {
  if (!isNew) await manager.query(`DELETE FROM "fitting_search" WHERE rowid = ?`, [number])
  await manager.query(`INSERT INTO "fitting_search" (rowid, text) VALUES (?, ?)`, [number, text])
}

/** Notes that what is due after a fitting is to be worked out when somebody first asks. */
export async function awaitDue(manager: EntityManager, fittingId: string): Promise<void> {
  await manager.query(`INSERT OR IGNORE INTO "due_waiting" VALUES (?)`, [fittingId])
}

/** What is due after a fitting was signed, as it was worked out before: nobody waits in the transaction for a forecast. */
export async function keepDue(manager: EntityManager, fittingId: string, items: readonly AheadItem[]): Promise<void> {
  await manager.query(`DELETE FROM "due" WHERE "fittingId" = ?`, [fittingId])
  await manager.query(`DELETE FROM "due_waiting" WHERE "fittingId" = ?`, [fittingId])
  for (const item of items) {
    await manager.query(`INSERT INTO "due" VALUES (?, ?, ?, ?)`, [fittingId, item.id, item.early, JSON.stringify(item)])
  }
}
