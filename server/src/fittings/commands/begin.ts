import { Sequence } from '@nimble-anchor/core/ground'
import { Injectable } from '@nestjs/common'
import { CASE_FORMAT, CASE_VERSION } from '@nimble-anchor/core/casefile'
import { type Child } from '@nimble-anchor/core/child'
import { type FittingView } from '@nimble-anchor/core/formats'
import { type Vehicle } from '@nimble-anchor/core/vehicle'
import type { EntityManager } from 'typeorm'
import { Clock } from '../../http/clock'
import { FaultsException } from '../../http/faults'
import { Live } from '../../live/live.service'
import { PracticeRead } from '../../practice/practice-read'
import { Database } from '../../storage/database'
import { ChildRow, VehicleRow, VisitRow } from '../../storage/entities'
import { insertChild } from '../child-of-file'
import type { CreateFittingDto } from '../dto'
import { Ledger } from '../ledger'
import { refuseBegun } from '../refusals'

const refused = (path: string, message: string): FaultsException =>
  new FaultsException('The fitting was not created.', [{ path, message }])

/** Begins a fitting for a child, with a car if known; a visit leads to it from then on. */
@Injectable()
export class BeginFitting {
  constructor(
    private readonly db: Database,
    private readonly clock: Clock,
    private readonly practice: PracticeRead,
    private readonly live: Live,
    private readonly ledger: Ledger,
  ) {}

  /** @param number its running number, where it is not the next */
  run(asked: CreateFittingDto, number?: number): Promise<FittingView> {
    return this.db.write((manager) => this.within(manager, asked, number))
  }

  /** The same, as part of a greater piece of work. */
  async within(manager: EntityManager, asked: CreateFittingDto, number?: number): Promise<FittingView> {
    const { vehicleId, visitId, arrivedInstalled = false } = asked
    if (visitId !== undefined) await refuseBegun(manager, visitId, asked.newChild ? undefined : asked.childId)
    const child = await this.childOf(manager, asked)
    const vehicle = vehicleId === undefined ? null : await manager.findOneBy(VehicleRow, { id: vehicleId })
    if (vehicleId !== undefined && !vehicle) throw refused('$.vehicleId', `no vehicle "${vehicleId}"`)
    const begun = await this.ledger.begin(
      manager,
      {
        format: CASE_FORMAT,
        version: CASE_VERSION,
        today: this.clock.today(),
        child,
        ...(vehicle && { vehicle: vehicle.body as Vehicle }),
        restraints: [],
        choice: { at: Sequence(0) },
        settings: {},
        disturbances: {},
        readings: {},
        ...(await this.practice.defaults(manager)),
      },
      { arrivedInstalled, ...(number !== undefined && { number }) },
    )
    if (visitId !== undefined) {
      await manager.update(VisitRow, { id: visitId }, { fittingId: begun.id, childId: child.id, state: 'here' })
      this.live.tell({ kind: 'day' })
    }
    return begun
  }

  private async childOf(manager: EntityManager, { childId, newChild }: CreateFittingDto): Promise<Child> {
    if (newChild) return insertChild(manager, newChild, this.clock.today())
    const row = await manager.findOneBy(ChildRow, { id: childId ?? '' })
    if (!row) throw refused('$.childId', `no child "${childId}"`)
    return row.body as Child
  }
}
