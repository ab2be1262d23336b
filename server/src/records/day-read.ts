import { Injectable } from '@nestjs/common'
import type { DayView } from '@nimble-anchor/core/formats'
import { JobsRead } from '../aftercare/jobs-read'
import { Clock } from '../http/clock'
import { Database } from '../storage/database'
import { DueService } from './due.service'
import { visitsOf } from './visits'

/** The bay's day: who comes when, what has come due, which jobs wait. */
@Injectable()
export class DayRead {
  constructor(
    private readonly db: Database,
    private readonly clock: Clock,
    private readonly jobs: JobsRead,
    private readonly dues: DueService,
  ) {}

  async day(): Promise<DayView> {
    const today = this.clock.today()
    return {
      today,
      visits: await visitsOf(this.db.read, today),
      due: await this.dues.due(today),
      dueWaiting: await this.dues.waiting(),
      jobs: await this.jobs.list(),
    }
  }
}
