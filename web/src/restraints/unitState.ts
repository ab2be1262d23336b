import { type IsoDate } from '@nimble-anchor/core/ground'
import { dateText } from '@nimble-anchor/core/quantities'
import { jobTitle, lifeEnd, type RestraintModel, type RestraintUnit } from '@nimble-anchor/core/restraint'
import type { MarkState } from '../ui/StateMark.tsx'
import * as msg from './messages.en.ts'

export interface UnitState {
  readonly mark: MarkState
  readonly text: string
}

/** The state of a unit in one line, as the rules will see it: what bars it, what is open, until when it may be used. */
export function unitState(model: RestraintModel, unit: RestraintUnit, today: IsoDate | undefined): UnitState {
  const end = lifeEnd({ model, unit })
  const bars = [
    unit.wasInCrash && msg.wasInACrash,
    unit.awaitsCheck && msg.notCheckedSince(dateText(unit.awaitsCheck.since), jobTitle(unit.awaitsCheck.job)),
    unit.isRecalled && msg.recalledWord,
    unit.isComplete === false && msg.partsMissing,
    unit.isHistoryKnown === false && msg.historyUnknown,
    end !== undefined && today !== undefined && end < today && msg.itsLifeEndedOn(dateText(end)),
  ].filter((x) => typeof x === 'string')
  if (bars.length > 0) return { mark: 'fail', text: bars.join(', ') }
  const open = [
    unit.wasInCrash === undefined && msg.crashWord,
    unit.isRecalled === undefined && msg.recallWord,
    unit.isComplete === undefined && msg.completeness,
    unit.isHistoryKnown === undefined && msg.historyWord,
    end === undefined && msg.endOfLife,
  ].filter((x) => typeof x === 'string')
  if (open.length > 0 || end === undefined) return { mark: 'undecided', text: msg.notRecorded(open.join(', ')) }
  return { mark: 'pass', text: msg.soundUntil(dateText(end)) }
}
