import type { Case, Changed } from '../casefile/index.ts'
import { type Fault, type FittingId, type IsoDate, type ModelId, type Sequence } from '../ground/index.ts'
import type { PracticeProfile } from '../practice/index.ts'
import type { LocalRule } from '../law/index.ts'
import type { Interval } from '../quantities/index.ts'
import type { AheadItem, Gap, RestraintSequence, Stretch } from '../ahead/index.ts'
import type { Stage, Verdict } from '../verdict/index.ts'
import type { UnitFact } from '../aftercare/index.ts'
import type { CatalogueKind } from './reading.ts'

/** What the server answers about fittings: one set of shapes for both sides of the wall. Times are ISO 8601 in UTC. */
export interface FittingView {
  readonly id: FittingId
  readonly status: 'open' | 'signed'
  /** Number of the newest entry; 0 before the first. */
  readonly sequence: Sequence
  readonly createdAt: string
  readonly updatedAt: string
  /** The signed fitting that this one corrects. */
  readonly revises: FittingId | null
  /** Came in as a case file that was signed elsewhere: a record, judged anew here. */
  readonly elsewhere: boolean
  /** The colleague that it was passed to. */
  readonly holderId: string | null
  readonly case: Case
}

/** One stored entry as its writer gets it back: everything it changed, with what followed from it. */
interface StoredEntry {
  readonly sequence: Sequence
  /** The id it was sent under; `null` for one that no device has sent: a job, an undo. */
  readonly id: string | null
  readonly changes: readonly Changed[]
}
/**
 * The short answer to an entry: where the fitting stands, and what was stored
 * since what the writer had seen, oldest first. Of a writer who is far behind
 * only the newest entries come; he sees the gap and fetches the whole.
 */
export interface Stored {
  readonly id: FittingId
  readonly status: 'open' | 'signed'
  readonly sequence: Sequence
  readonly updatedAt: string
  readonly entries: readonly StoredEntry[]
}

export interface FittingSummary {
  readonly id: FittingId
  readonly status: 'open' | 'signed'
  readonly createdAt: string
  readonly updatedAt: string
  readonly verdict: Verdict
  readonly headline: string
  readonly childName: string
  readonly vehicleName: string | null
  readonly restraintName: string | null
  readonly revises: FittingId | null
  /** A running number, for finding it again. */
  readonly number: number
  /** Where the work stands. */
  readonly stage: Stage
  /** It came already fitted: what is found wrong first was wrong on arrival. */
  readonly arrivedInstalled: boolean
  /** Signed elsewhere, and brought in as a file. */
  readonly elsewhere: boolean
  readonly holderId: string | null
}

export interface HistoryEntry {
  readonly sequence: Sequence
  readonly enteredAt: string
  readonly who: string
  readonly changes: readonly Changed[]
  /** The entry that this one takes back. */
  readonly undoes: number | null
  /** Whoever was signed in entered it; of older entries the name was typed. */
  readonly isSignedIn: boolean
}

/** One row of an import: what would happen to it, or did. */
export interface ImportRow {
  readonly kind: CatalogueKind
  readonly id: string
  readonly state: 'new' | 'changed' | 'same' | 'rejected'
  readonly faults?: readonly Fault[]
  readonly lints?: readonly string[]
  /** What the shelf knows of a unit and the file would take back: kept, unless somebody says otherwise. */
  readonly kept?: readonly UnitFact[]
}

/** What a child measured on one day, clothes and shoes taken off. */
export interface GrowthReading {
  readonly fittingId: FittingId
  readonly on: IsoDate
  readonly massKg?: Interval
  readonly statureCm?: Interval
}

/** How often a rule stood as the one that decided: in how many fittings, after how many entries. */
export interface RuleCount {
  readonly ruleId: string
  readonly fittings: number
  readonly entries: number
}

/** Named profiles and local rules, kept for all fittings, and which a new fitting starts with. */
export interface PracticeBook {
  readonly profiles: readonly PracticeProfile[]
  readonly localRules: readonly LocalRule[]
  readonly profileId: string
  readonly localRuleId: string
}

/** One leg of a way ahead, as the server tells it: names instead of whole records. */
interface StretchView extends Omit<Stretch, 'model' | 'unit' | 'mode'> {
  readonly modelId: ModelId
  readonly modelName: string
  readonly modeLabel: string
  readonly unitId?: string
  readonly serial?: string
}

/** What is ahead of a fitting. */
export interface AheadView {
  /** The day from which it is counted, by what was measured then. */
  readonly asOf: IsoDate
  readonly items: readonly AheadItem[]
  readonly sequences: readonly (Omit<RestraintSequence, 'legs' | 'gaps'> & {
    readonly legs: readonly StretchView[]
    readonly gaps: readonly Gap[]
  })[]
}
