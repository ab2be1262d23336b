import { Injectable, Logger, type OnModuleDestroy } from '@nestjs/common'
import { withoutValues } from '../http/failures'
import { copiedAt, copiesIn } from '../storage/copy-names'
import { makeCopy, pruneSetAside, type Copied } from './copy'

const HOUR_MS = 60 * 60_000
const DAY_MS = 24 * HOUR_MS

export interface CopiesOptions {
  readonly dataDir: string
  readonly to: string
  /** Older copies go; 30 days at most. */
  readonly keepDays: number
  readonly passphrase?: string | undefined
}

/** A copy a day while the program runs, looked at every hour: a laptop that slept makes up for it. */
@Injectable()
export class DailyCopies implements OnModuleDestroy {
  private timer: NodeJS.Timeout | undefined
  private making: Promise<unknown> | undefined
  private readonly log = new Logger('Copies')

  begin(options: CopiesOptions): void {
    const look = (): void => {
      this.making ??= this.ifDue(options, new Date())
        .catch((error: unknown) => this.log.error(`No copy was made: ${withoutValues(error)}`))
        .finally(() => (this.making = undefined))
    }
    this.timer = setInterval(look, HOUR_MS).unref()
    look()
  }

  /** Makes a copy where the newest is a day old. */
  async ifDue({ dataDir, to, keepDays, passphrase }: CopiesOptions, now: Date): Promise<Copied | undefined> {
    pruneSetAside(dataDir, now)
    const [newest] = copiesIn(to)
    if (newest !== undefined && now.getTime() - (copiedAt(newest) ?? 0) < DAY_MS) return undefined
    return makeCopy(dataDir, to, { now, keepDays, passphrase })
  }

  async onModuleDestroy(): Promise<void> {
    clearInterval(this.timer)
    await this.making
  }
}
