import { type IsoDate, type UnitId } from '@nimble-anchor/core/ground'
import type { AheadView } from '@nimble-anchor/core/formats'

import * as msg from './messages.en.ts'

export type SequenceView = AheadView['sequences'][number]

/** A stretch of a way through the years: one restraint in use, or nothing that serves. */
export interface WayStretch {
  readonly text: string
  readonly from: IsoDate
  readonly to: IsoDate | undefined
  readonly mayBeginFrom: IsoDate
  readonly isGap: boolean
  /** Whether its unit may be used at all is not known. */
  readonly isUnsure: boolean
  readonly unitId?: UnitId | undefined
}

/** The stretches of a way, soonest first. */
export const legsOf = (sequence: SequenceView): readonly WayStretch[] =>
  [
    ...sequence.legs.map((leg) => ({
      from: leg.from,
      to: leg.to,
      mayBeginFrom: leg.mayBeginFrom,
      text: `${leg.modelName}, ${leg.modeLabel}${leg.serial === undefined ? msg.notOnTheShelf : ` (${leg.serial})`}`,
      isGap: false,
      isUnsure: leg.isUnsure,
      unitId: leg.unitId,
    })),
    ...sequence.gaps.map((gap) => ({
      from: gap.from,
      to: gap.to,
      mayBeginFrom: gap.from,
      text: '',
      isGap: true,
      isUnsure: false,
    })),
  ].toSorted((a, b) => a.from.localeCompare(b.from))
