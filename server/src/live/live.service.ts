import { type FittingId } from '@nimble-anchor/core/ground'
import { Injectable } from '@nestjs/common'
import type { HereView, LiveEvent } from '@nimble-anchor/core/formats'
import { Subject } from 'rxjs'
import { Clock } from '../http/clock'
import { Database } from '../storage/database'

/** Whoever has not said for so long that they are still in a fitting has left it. */
const GONE_MS = 45_000

interface Here {
  readonly who: string
  /** None, where it has left: what it said before may still be on its way. */
  readonly fittingId: FittingId | null
  readonly nth: number
  readonly atMs: number
}

/** What other devices are told as it happens: that something changed, and who is where. What changed they ask for themselves. */
@Injectable()
export class Live {
  readonly events = new Subject<LiveEvent>()
  /** By device and tab. */
  private readonly here = new Map<string, Here>()

  constructor(
    private readonly db: Database,
    private readonly clock: Clock,
  ) {}

  /** Told once it is stored; what is rolled back is told to nobody. */
  tell(event: LiveEvent): void {
    this.db.afterCommit(() => this.events.next(event))
  }

  /**
   * @param fittingId where somebody works now; `null`, where they have left
   * @param nth counts what this tab says: an older saying that comes later changes nothing; where it does not count, the last that came is the last
   */
  isHere(tab: string, who: string, fittingId: FittingId | null, nth?: number): void {
    this.forget()
    const before = this.here.get(tab)
    if (before !== undefined && nth !== undefined && before.nth >= nth) return
    this.here.set(tab, { who, fittingId, nth: nth ?? before?.nth ?? 0, atMs: this.clock.nowMs() })
    const was = before?.fittingId ?? null
    if (was === fittingId && before?.who === who) return
    for (const id of new Set([was, fittingId])) if (id !== null) this.events.next(this.whoIsIn(id))
  }

  whoIsIn(fittingId: FittingId): HereView {
    this.forget()
    const tabs = [...this.here].filter(([, h]) => h.fittingId === fittingId)
    return { kind: 'here', fittingId, tabs: tabs.map(([tab, { who }]) => ({ tab, who })) }
  }

  private forget(): void {
    const nowMs = this.clock.nowMs()
    for (const [tab, { atMs }] of this.here) if (nowMs - atMs > GONE_MS) this.here.delete(tab)
  }
}
