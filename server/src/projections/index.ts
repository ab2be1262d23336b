import { keepChild } from './child-record'
import { keepDue } from './due'
import { keepFaults } from './faults'
import { keepSearch } from './search'
import { keepStageTime } from './stage-times'
import type { FittingStored } from './stored'

/** Kept beside fittings, so that the day, the logbook and its charts need not read every case. */
const PROJECTIONS: readonly ((stored: FittingStored) => Promise<void>)[] = [
  keepFaults,
  keepStageTime,
  keepSearch,
  keepChild,
  keepDue,
]

export async function project(stored: FittingStored): Promise<void> {
  for (const keep of PROJECTIONS) await keep(stored)
}
