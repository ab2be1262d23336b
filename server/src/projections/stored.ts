import { type Sequence } from '@nimble-anchor/core/ground'
import { type AheadItem } from '@nimble-anchor/core/ahead'
import { type Case, type Changed } from '@nimble-anchor/core/casefile'
import { type Finding } from '@nimble-anchor/core/rules'
import type { EntityManager } from 'typeorm'
import type { FittingRow } from '../storage/entities'

/** A fitting has begun, or an entry of one was stored: what is kept beside fittings is worked out from this. */
export interface FittingStored {
  /** Of the unit of work that stores it: what is kept beside it is stored with it, or not at all. */
  readonly manager: EntityManager
  /** As it stands now. */
  readonly row: FittingRow
  readonly next: Case
  /** What its rules refuse now. */
  readonly refusals: readonly Finding[]
  /** As it stood; of one that has begun nothing did. */
  readonly before: { readonly case: Case; readonly updatedAt: string; readonly searchText: string } | undefined
  readonly entry: StoredEntry | undefined
  /** What is due after it, where it was signed: worked out before, or when somebody first asks. */
  readonly due: readonly AheadItem[] | 'asked' | undefined
}
interface StoredEntry {
  readonly changes: readonly Changed[]
  /** The entry that this one takes back. */
  readonly takesBack: { readonly sequence: Sequence; readonly enteredAt: string } | undefined
}
