import type { Case, Changed } from '../casefile/index.ts'
import type { Verdict } from '../verdict/index.ts'

/** What the server answers about fittings: one set of shapes for both sides of the wall. Times are ISO 8601 in UTC. */
export interface FittingView {
  readonly id: string
  readonly status: 'open' | 'signed'
  /** Number of the newest entry; 0 before the first. */
  readonly sequence: number
  readonly createdAt: string
  readonly updatedAt: string
  readonly case: Case
}

export interface FittingSummary {
  readonly id: string
  readonly status: 'open' | 'signed'
  readonly createdAt: string
  readonly updatedAt: string
  readonly verdict: Verdict
  readonly headline: string
  readonly childName: string
  readonly vehicleName: string | null
  readonly restraintName: string | null
}

export interface HistoryEntry {
  readonly sequence: number
  readonly at: string
  readonly who: string
  readonly changes: readonly Changed[]
  /** The entry that this one takes back. */
  readonly undoes: number | null
}
