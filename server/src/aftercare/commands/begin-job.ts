import { type FittingId } from '@nimble-anchor/core/ground'
import { randomUUID } from 'node:crypto'
import { ConflictException, Injectable } from '@nestjs/common'
import { EMPTY_RECORD, planJob, type JobContext, type JobKind } from '@nimble-anchor/core/aftercare'
import { chosenIn, type Case } from '@nimble-anchor/core/casefile'
import type { JobView } from '@nimble-anchor/core/formats'
import { modelName, type RestraintModel, type RestraintUnit } from '@nimble-anchor/core/restraint'
import type { EntityManager } from 'typeorm'
import { Clock } from '../../http/clock'
import { FaultsException } from '../../http/faults'
import type { By } from '../../people/caller'
import { Database } from '../../storage/database'
import { FittingRow, JobRow, ModelRow, UnitRow } from '../../storage/entities'
import { JobBook } from '../job-book'
import { isOpen } from '../open-jobs'

interface BeginsJob {
  readonly unitId: string
  readonly kind: JobKind
  readonly by: By
  readonly fittingId?: FittingId | undefined
  readonly fromModeId?: string | undefined
  readonly toModeId?: string | undefined
}

/** Begins work on a unit of the shelf: its steps and checks are planned once, from what the unit is then. */
@Injectable()
export class BeginJob {
  constructor(
    private readonly db: Database,
    private readonly clock: Clock,
    private readonly book: JobBook,
  ) {}

  run(asked: BeginsJob): Promise<JobView> {
    return this.db.write(async (manager) => {
      const { unit, context } = await contextOf(manager, asked)
      const same = await manager.findBy(JobRow, { unitId: unit.id, kind: asked.kind })
      if (same.some((j) => isOpen(j.state)))
        throw new ConflictException('This job has been begun on the unit already; go on with that one.')
      const row: JobRow = {
        id: randomUUID(),
        unitId: unit.id,
        unitName: `${modelName(context.model)} ${unit.serial}`,
        fittingId: asked.fittingId ?? null,
        kind: asked.kind,
        plan: planJob(asked.kind, context),
        record: EMPTY_RECORD,
        state: 'steps',
        startedAt: this.clock.now(),
        endedAt: null,
      }
      return this.book.begin(manager, row, unit, asked.by)
    })
  }
}

/** What a job is planned from. @throws FaultsException naming the field that names nothing */
async function contextOf(
  manager: EntityManager,
  { unitId, kind, fittingId, fromModeId, toModeId }: BeginsJob,
): Promise<{ readonly unit: RestraintUnit; readonly context: JobContext }> {
  const unit = (await manager.findOneBy(UnitRow, { id: unitId }))?.body as RestraintUnit | undefined
  if (!unit) throw refused('unitId', `no unit "${unitId}"`)
  const model = (await manager.findOneByOrFail(ModelRow, { id: unit.modelId })).body as RestraintModel
  const mode = (id: string | undefined) => model.modes.find((m) => m.id === id)
  if (fromModeId !== undefined && !mode(fromModeId)) throw refused('fromModeId', 'no such mode')
  if (toModeId !== undefined && !mode(toModeId)) throw refused('toModeId', 'no such mode')
  if (kind === 'convert' && (fromModeId === undefined || toModeId === undefined || fromModeId === toModeId))
    throw refused('toModeId', 'must be another mode than "fromModeId", and both must be given')
  const fitting = fittingId === undefined ? null : await manager.findOneBy(FittingRow, { id: fittingId })
  if (fittingId !== undefined && !fitting) throw refused('fittingId', 'no such fitting')
  const chosen = fitting ? chosenIn(fitting.current as Case) : undefined
  if (kind === 'take-out' && (!chosen?.route || !chosen.position))
    throw refused('fittingId', 'must be a fitting with a place and a route: what is undone depends on them')
  return {
    unit,
    context: {
      model,
      unit,
      mode: mode(fromModeId) ?? chosen?.mode,
      toMode: mode(toModeId),
      route: chosen?.route,
      position: chosen?.position,
    },
  }
}

const refused = (field: keyof BeginsJob, message: string): FaultsException =>
  new FaultsException('The job was not begun.', [{ path: `$.${field}`, message }])
