import { IsoDate } from '@nimble-anchor/core/ground'
import { Injectable } from '@nestjs/common'

/** The only place that reads the time; `today` can be fixed for a demonstration or a test. */
@Injectable()
export class Clock {
  constructor(private readonly fixedToday?: IsoDate) {}

  /** Runs on whatever day is fixed: how long ago something was. */
  nowMs(): number {
    return Date.now()
  }

  now(): string {
    const now = new Date().toISOString()
    return this.fixedToday ? `${this.fixedToday}${now.slice(10)}` : now
  }

  /** The calendar day where the machine stands. */
  today(): IsoDate {
    if (this.fixedToday) return this.fixedToday
    const d = new Date()
    const two = (n: number) => String(n).padStart(2, '0')
    return IsoDate(`${d.getFullYear()}-${two(d.getMonth() + 1)}-${two(d.getDate())}`)
  }
}
