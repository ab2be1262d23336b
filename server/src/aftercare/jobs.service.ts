import { UnitId } from '@nimble-anchor/core/ground'
import { randomUUID } from 'node:crypto'
import { ConflictException, Injectable, NotFoundException } from '@nestjs/common'
import {
  EMPTY_RECORD,
  jobState,
  planJob,
  unitAwaiting,
  unitFacts,
  withAnswer,
  withStep,
  type JobContext,
  type JobKind,
  type JobPlan,
  type JobRecord,
} from '@nimble-anchor/core/aftercare'
import { chosenIn, type Case } from '@nimble-anchor/core/casefile'
import { type JobView } from '@nimble-anchor/core/formats'
import { modelName, type RestraintModel, type RestraintUnit } from '@nimble-anchor/core/restraint'
import type { EntityManager } from 'typeorm'
import { FaultsException } from '../http/faults'
import { Clock } from '../http/clock'
import type { By } from '../people/caller'
import { EnterFitting } from '../fittings/commands/enter'
import { isOpen, openJobsOf } from './open-jobs'
import { Database } from '../storage/database'
import { FittingRow, JobEntryRow, JobRow, ModelRow, UnitRow } from '../storage/entities'

export interface BeginJob {
  readonly unitId: string
  readonly kind: JobKind
  readonly by: By
  readonly fittingId?: string | undefined
  readonly fromModeId?: string | undefined
  readonly toModeId?: string | undefined
}

const MOST_JOBS = 200

/** Work on the units of the shelf. What a job means for its unit, core says. */
@Injectable()
export class JobsService {
  constructor(
    private readonly db: Database,
    private readonly clock: Clock,
    private readonly entering: EnterFitting,
  ) {}

  /** Open jobs, or all of one unit, the newest first. */
  async list(unitId?: string): Promise<readonly JobView[]> {
    const query = this.db.read.createQueryBuilder(JobRow, 'job').orderBy('job.startedAt', 'DESC').take(MOST_JOBS)
    if (unitId === undefined) query.where(`job.state <> 'passed'`)
    else query.where('job.unitId = :unitId', { unitId })
    return Promise.all((await query.getMany()).map((row) => this.view(this.db.read, row)))
  }

  async get(id: string): Promise<JobView> {
    return this.view(this.db.read, await this.find(this.db.read, id))
  }

  begin(asked: BeginJob): Promise<JobView> {
    return this.db.write(async (manager) => {
      const { unit, context } = await this.contextOf(manager, asked)
      const open = await manager.findBy(JobRow, { unitId: unit.id, kind: asked.kind })
      if (open.some((j) => isOpen(j.state)))
        throw new ConflictException('This job has been begun on the unit already; go on with that one.')
      const plan = planJob(asked.kind, context)
      const row: JobRow = {
        id: randomUUID(),
        unitId: unit.id,
        unitName: `${modelName(context.model)} ${unit.serial}`,
        fittingId: asked.fittingId ?? null,
        kind: asked.kind,
        plan,
        record: EMPTY_RECORD,
        state: 'steps',
        startedAt: this.clock.now(),
        endedAt: null,
      }
      await manager.insert(JobRow, row as object)
      await this.log(manager, row.id, asked.by, 'Begun')
      await this.keepUnit(manager, unit, plan, EMPTY_RECORD, asked.by)
      return this.view(manager, row)
    })
  }

  step(id: string, by: By, stepId: string, isDone: boolean): Promise<JobView> {
    return this.change(id, by, (plan, record) => {
      const step = plan.steps.find((s) => s.id === stepId)
      if (!step) throw new FaultsException('Nothing was saved.', [{ path: '$.stepId', message: 'no such step in this job' }]) // prettier-ignore
      return { record: withStep(plan, record, stepId, isDone), what: `${isDone ? 'Done' : 'Taken back'}: ${step.text}` }
    })
  }

  answer(id: string, by: By, checkId: string, optionId: string): Promise<JobView> {
    return this.change(id, by, (plan, record) => {
      const check = plan.checks.find((c) => c.id === checkId)
      const option = check?.options.find((o) => o.id === optionId)
      if (!check || !option) throw new FaultsException('Nothing was saved.', [{ path: check ? '$.optionId' : '$.checkId', message: 'is not asked by this job' }]) // prettier-ignore
      if (jobState(plan, record).nextStep)
        throw new ConflictException('The checks come when every step is done: a step may undo what they look at.')
      return { record: withAnswer(record, checkId, optionId), what: `${check.label}: ${option.label}` }
    })
  }

  private change(
    id: string,
    by: By,
    make: (plan: JobPlan, record: JobRecord) => { readonly record: JobRecord; readonly what: string },
  ): Promise<JobView> {
    return this.db.write(async (manager) => {
      const row = await this.find(manager, id)
      if (!isOpen(row.state)) throw new ConflictException('This job is finished; begin it anew.')
      const { record, what } = make(row.plan, row.record)
      const { state } = jobState(row.plan, record)
      Object.assign(row, { record, state, endedAt: isOpen(state) ? null : this.clock.now() })
      await manager.update(JobRow, { id }, { record: row.record as object, state, endedAt: row.endedAt })
      await this.log(manager, id, by, what)
      const unit = await manager.findOneBy(UnitRow, { id: row.unitId })
      if (unit) await this.keepUnit(manager, unit.body as RestraintUnit, row.plan, record, by)
      if (row.kind === 'take-out' && state === 'passed' && row.fittingId !== null) await this.noteRemoved(manager, row.fittingId, by) // prettier-ignore
      return this.view(manager, row)
    })
  }

  /** What the jobs say of a unit goes into the catalogue, and into every open fitting that uses it. */
  private async keepUnit(
    manager: EntityManager,
    before: RestraintUnit,
    plan: JobPlan,
    record: JobRecord,
    by: By,
  ): Promise<void> {
    const unit = unitAwaiting(unitFacts(before, plan, record), await openJobsOf(manager, before.id))
    if (JSON.stringify(unit) === JSON.stringify(before)) return
    await manager.update(UnitRow, { id: unit.id }, { body: unit as object })
    const using = await manager.findBy(FittingRow, { unitId: unit.id, status: 'open' })
    for (const row of using) {
      const { units = [] } = row.current as Case
      const value = units.map((u) => (u.id === unit.id ? unit : u))
      await this.entering.run(
        row.id,
        { baseSequence: row.sequence, who: by.who, puts: [{ path: ['units'], value }] },
        by.personId,
      )
    }
  }

  /** Out of the car: nothing that was looked at there holds any more. A signed fitting stays as it was signed. */
  private async noteRemoved(manager: EntityManager, fittingId: string, by: By): Promise<void> {
    const row = await manager.findOneBy(FittingRow, { id: fittingId })
    if (row?.status !== 'open') return
    const puts = [{ path: ['disturbances', 'removed'], value: {} }]
    await this.entering.run(fittingId, { baseSequence: row.sequence, who: by.who, puts }, by.personId)
  }

  private async contextOf(manager: EntityManager, asked: BeginJob): Promise<{ unit: RestraintUnit; context: JobContext }> {
    const refuse = (field: keyof BeginJob, message: string): never => {
      throw new FaultsException('The job was not begun.', [{ path: `$.${field}`, message }])
    }
    const unit = (await manager.findOneBy(UnitRow, { id: asked.unitId }))?.body as RestraintUnit | undefined
    if (!unit) return refuse('unitId', `no unit "${asked.unitId}"`)
    const model = (await manager.findOneByOrFail(ModelRow, { id: unit.modelId })).body as RestraintModel
    const mode = (id: string | undefined) => model.modes.find((m) => m.id === id)
    if (asked.fromModeId !== undefined && !mode(asked.fromModeId)) refuse('fromModeId', 'no such mode')
    if (asked.toModeId !== undefined && !mode(asked.toModeId)) refuse('toModeId', 'no such mode')
    if (asked.kind === 'convert' && (!mode(asked.fromModeId) || !mode(asked.toModeId) || asked.fromModeId === asked.toModeId))
      refuse('toModeId', 'must be another mode than "fromModeId", and both must be given')
    const fitting = asked.fittingId === undefined ? null : await manager.findOneBy(FittingRow, { id: asked.fittingId })
    if (asked.fittingId !== undefined && !fitting) refuse('fittingId', 'no such fitting')
    const chosen = fitting ? chosenIn(fitting.current as Case) : undefined
    if (asked.kind === 'take-out' && (!chosen?.route || !chosen.position))
      refuse('fittingId', 'must be a fitting with a place and a route: what is undone depends on them')
    return {
      unit,
      context: {
        model,
        unit,
        mode: mode(asked.fromModeId) ?? chosen?.mode,
        toMode: mode(asked.toModeId),
        route: chosen?.route,
        position: chosen?.position,
      },
    }
  } // prettier-ignore

  private async log(manager: EntityManager, jobId: string, { who, personId }: By, what: string): Promise<void> {
    const sequence = (await manager.countBy(JobEntryRow, { jobId })) + 1
    await manager.insert(JobEntryRow, { jobId, sequence, at: this.clock.now(), who, what, personId })
  }

  private async view(manager: EntityManager, row: JobRow): Promise<JobView> {
    const log = await manager.find(JobEntryRow, { where: { jobId: row.id }, order: { sequence: 'ASC' } })
    const { id, unitId, unitName, fittingId, kind, plan, record, state, startedAt, endedAt } = row
    return { id, unitId: UnitId(unitId), unitName, fittingId, kind, plan, record, state, startedAt, endedAt, log: log.map(({ at, who, what }) => ({ at, who, what })) } // prettier-ignore
  }

  private async find(manager: EntityManager, id: string): Promise<JobRow> {
    const row = await manager.findOneBy(JobRow, { id })
    if (!row) throw new NotFoundException('There is no such job.')
    return row
  }
}
