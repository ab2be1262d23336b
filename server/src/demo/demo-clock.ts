import { IsoDate } from '@nimble-anchor/core/ground'
import { Clock } from '../http/clock'

/** A clock that is set by hand: the demo's past happens under it, by the commands that everybody uses. */
export class DemoClock extends Clock {
  private at = new Date(0)
  private day = IsoDate('1970-01-01')

  /** @param minute after midnight, where the machine stands */
  set(day: IsoDate, minute: number): void {
    const [year = 1970, month = 1, date = 1] = day.split('-').map(Number)
    this.day = day
    this.at = new Date(year, month - 1, date, 0, minute)
  }

  pass(seconds: number): void {
    this.at = new Date(this.at.getTime() + seconds * 1000)
  }

  override now(): string {
    return this.at.toISOString()
  }

  override today(): IsoDate {
    return this.day
  }
}
