import type { Family } from './family.ts'
import type { Body, Candidate, Place } from './problem.ts'
import type { Vehicle } from '../vehicle/index.ts'

/** A candidate before it is known what the child could have elsewhere. */
export type Draft = Omit<Candidate, 'index' | 'slot' | 'rearwardLost' | 'harnessLost' | 'before' | 'after'>

/** What every part of compiling one car reads. */
export interface Car {
  readonly family: Family
  readonly vehicle: Vehicle
  readonly places: readonly Place[]
  readonly body: (key: string, make: () => Omit<Body, 'id'>) => Body
  readonly steps: Map<string, number>
  readonly wanted: ReadonlySet<number>
  readonly taken: ReadonlySet<string>
}

export const bit = (place: number): number => 1 << place
