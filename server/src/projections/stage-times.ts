import { type Changed } from '@nimble-anchor/core/casefile'
import { CHECKS, type CheckId } from '@nimble-anchor/core/checks'
import { type Stage } from '@nimble-anchor/core/verdict'
import type { FittingStored } from './stored'

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
export async function keepStageTime({ manager, row, before, entry }: FittingStored): Promise<void> {
  if (entry === undefined || before === undefined) return
  const stage = stageOfEntry(entry.changes)
  const seconds = Math.round((Date.parse(row.updatedAt) - Date.parse(before.updatedAt)) / 1000)
  if (stage === undefined || seconds <= 0 || seconds > MOST_SECONDS) return
  await manager.query(
    `INSERT INTO "fitting_stage" VALUES (?, ?, ?) ON CONFLICT DO UPDATE SET "seconds" = "seconds" + excluded."seconds"`,
    [row.id, stage, seconds],
  )
}
