import type { SHARED_PARTS, SeatingPosition } from './vehicle.ts'

/** What two places of a car share, and who can have it. */

export type SharedPart = (typeof SHARED_PARTS)[number]

/** What somebody takes of their place. */
export interface Taking {
  readonly usesBars: boolean
  readonly usesTether: boolean
  readonly usesRails: boolean
  readonly usesBelt: boolean
  /** A restraint stands there: it may cover the buckle beside it, where a person does not. */
  readonly isRestraint: boolean
}

/** Whether a part cannot serve both: `stating`, whose place says that it is shared, and `other`. */
export function servesOneOnly(part: SharedPart, stating: Taking, other: Taking): boolean {
  switch (part) {
    case 'bars':
      return stating.usesBars && other.usesBars
    case 'tether':
      return stating.usesTether && other.usesTether
    case 'rails':
      return stating.usesRails && other.usesRails
    case 'buckle':
      return stating.usesBelt && other.usesBelt
    case 'buckle-covered':
      return stating.usesBelt && other.isRestraint
  }
}

/** A part that two places share; `isFirst`: the first of the two states it. */
interface Shared {
  readonly part: SharedPart
  readonly isFirst: boolean
}

/** What is said to be shared between two places, by either of them. */
export const sharedBetween = (a: SeatingPosition, b: SeatingPosition): readonly Shared[] => [
  ...(a.sharedWith ?? []).flatMap(({ part, positionId }) => (positionId === b.id ? [{ part, isFirst: true }] : [])),
  ...(b.sharedWith ?? []).flatMap(({ part, positionId }) => (positionId === a.id ? [{ part, isFirst: false }] : [])),
]

const hasBars = ({ isofix }: SeatingPosition): boolean => (isofix?.bars ?? 'none') !== 'none'

/**
 * Whether nobody has said if two neighbours share bars: many cars lend the inner
 * ones of the outer places to the middle. Both have bars, and one of them is the middle.
 */
export const mayLendBars = (a: SeatingPosition, b: SeatingPosition): boolean =>
  a.row === b.row &&
  (a.side === 'centre' || b.side === 'centre') &&
  hasBars(a) &&
  hasBars(b) &&
  a.sharedWith === undefined &&
  b.sharedWith === undefined
